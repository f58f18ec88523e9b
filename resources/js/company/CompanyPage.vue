<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { asRefused } from '../api/client';
import { useSession } from '../state/session';
import type { Clash } from '../state/merge';
import ClashList from '../ui/ClashList.vue';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import TextField from '../ui/TextField.vue';
import CompanyChoices from './CompanyChoices.vue';
import CompanyTable from './CompanyTable.vue';
import SumsPart from './SumsPart.vue';
import WearerPicker from './WearerPicker.vue';
import { filters, shown, type Filter, type Order } from './order';
import { companyServer, useCompany } from './useCompany';

/** A pattern and all it is made for. */
const props = defineProps<{ id: number }>();
const router = useRouter();
const session = useSession();
const server = companyServer(props.id);
const {
    head,
    rows,
    sums,
    refused,
    reading,
    progress,
    begun,
    waiting,
    clashes,
    settle,
    load,
    keep,
    except,
    makeAll,
    undo,
} = useCompany(server);

/** Where a clash stands, in the words of the page. */
function placeOf({ path: [part, key, ...inside] }: Clash): string {
    if (part === 'wearers') return 'Who is on the sheet';
    if (part === 'choices') return ['For all', key, ...inside].filter((one) => one !== undefined).join(', ');
    const wearer = head.value?.wearers.find(({ id }) => String(id) === String(key));
    return [wearer?.name ?? 'One wearer', ...inside].join(', ');
}

onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const filter = ref<Filter>('all');
const sought = ref('');
const order = ref<Order>({ column: 'wearer', down: false });
const visible = computed(() => shown(rows.value, filter.value, sought.value, order.value));

const planned = computed(() => rows.value.filter(({ headline }) => headline !== null).length);
const says = computed(() => {
    if (head.value === null) return 'Company sheet';
    const rest = rows.value.length - planned.value;
    const many = rows.value.length === 1 ? 'one person' : `${rows.value.length} people`;
    return `${head.value.pattern} for ${many}: ${rest === 0 ? 'all' : planned.value} planned${rest === 0 ? '' : `, ${rest} waiting`}.`;
});

/** Pressed again before the bench has come, it begins nothing more. */
const beginning = ref(false);
async function begin(wearer: number): Promise<void> {
    if (beginning.value) return;
    beginning.value = true;
    try {
        await router.push({ name: 'bench', params: { id: await server.begin(wearer) } });
    } catch (error) {
        refused.value = asRefused(error);
    }
    beginning.value = false;
}

const hides = ref(false);
const file = (ending: string): string =>
    `/api/patterns/${props.id}/company.${ending}${hides.value ? `${ending.includes('?') ? '&' : '?'}sizes=hidden` : ''}`;
</script>

<template>
    <div v-if="head" class="company-page">
        <Crumbs
            ><RouterLink :to="{ name: 'pattern', params: { id } }">{{ head.pattern }}</RouterLink
            ><span>Company</span></Crumbs
        >
        <h1>{{ says }}</h1>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
        <ClashList v-if="clashes.length > 0" :clashes="clashes" :place="placeOf" @settle="settle" />
        <CompanyChoices :head="head" @change="keep({ choices: $event })">
            <WearerPicker :head="head" @pick="keep({ wearers: $event })" />
        </CompanyChoices>
        <div class="sift">
            <TextField v-if="rows.length > 5" v-model="sought" label="Find" />
            <div class="filters" role="group" aria-label="Show">
                <button
                    v-for="one in filters"
                    :key="one.value"
                    type="button"
                    class="filter"
                    :aria-pressed="filter === one.value"
                    @click="filter = one.value"
                >
                    {{ one.label }}
                </button>
            </div>
            <p class="state" role="status">
                <template v-if="progress">{{ progress.done }} of {{ progress.of }}…</template>
                <template v-else-if="reading">{{ rows.length }} so far…</template>
                <template v-else-if="visible.length < rows.length"
                    >{{ visible.length }} of {{ rows.length }}</template
                >
            </p>
        </div>
        <CompanyTable
            v-if="visible.length > 0"
            :head="head"
            :rows="visible"
            :order="order"
            :busy="progress !== null || beginning"
            @sort="order = $event"
            @except="except"
            @begin="begin"
        />
        <p v-else-if="head.wearers.length === 0" class="hint">
            Nobody is here to sew for yet:
            <RouterLink :to="{ name: 'workroom' }">name a wearer in the workroom</RouterLink>.
        </p>
        <p v-else-if="!reading" class="hint">
            Nobody on the sheet is like that. Take the filter off, or pick more wearers.
        </p>
        <p class="inline acts out">
            <Button
                v-if="waiting.length > 0 || progress"
                :label="`Begin the makes still missing (${waiting.length})`"
                :loading="progress !== null"
                @click="makeAll"
            />
            <span v-if="begun.length > 0 && !progress" class="notice" role="status">
                {{ begun.length === 1 ? 'One make is' : `${begun.length} makes are` }} begun.
                <button type="button" class="link" @click="undo">Undo</button>
            </span>
        </p>
        <SumsPart v-if="sums" :sums="sums" />
        <p class="inline acts out">
            <label><input v-model="hides" type="checkbox" />hide the sizes</label>
            <a :href="file('csv')">CSV</a>
            <a :href="file('xlsx')">Spreadsheet</a>
            <a :href="file('pdf')" target="_blank" rel="noopener">Print on A4</a>
            <a :href="file('pdf?page=letter')" target="_blank" rel="noopener">Print on US Letter</a>
        </p>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.company-page {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 1480px;
    margin: 14px auto 60px;
    padding: 0 24px;
}
.sift,
.filters {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 18px;
    align-items: center;
}
.sift {
    align-items: end;
}
.filters {
    gap: 6px;
}
.filter {
    min-height: 32px;
    padding: 0 12px;
    border: 1px solid var(--ink);
    border-radius: 16px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 14px;
    cursor: pointer;
}
.filter[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
}
.state {
    min-height: 32px;
    line-height: 32px;
    color: var(--quiet);
}
@media (max-width: 560px) {
    .company-page {
        padding: 0 14px;
    }
}
@media print {
    /* A grid would keep the names of the columns to its first page. */
    .company-page {
        display: block;
    }
    .sift,
    .out {
        display: none;
    }
}
</style>
