<script setup lang="ts">
import { onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { CompanyRow, WhichPattern } from '../api/types';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import { title } from '../ui/words';

/** Every pattern for one wearer, the one that costs least first, and why. */
const props = defineProps<{ id: number }>();
const router = useRouter();
const session = useSession();
const page = shallowRef<WhichPattern | null>(null);
const refused = shallowRef<Refused | null>(null);
const busy = ref(false);

async function load(): Promise<void> {
    try {
        const params = { path: { wearer: props.id } };
        page.value = await api.GET('/api/wearers/{wearer}/patterns', { params }).then(body);
        refused.value = null;
    } catch (error) {
        refused.value = asRefused(error);
    }
}
onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

async function begin(row: CompanyRow): Promise<void> {
    busy.value = true;
    try {
        // With the choices that the row was planned with.
        const path = { pattern: row.pattern_id, wearer: props.id };
        const make = await api
            .POST('/api/patterns/{pattern}/company/{wearer}', { params: { path }, body: { likes: true } })
            .then(body);
        await router.push({ name: 'bench', params: { id: make.id } });
    } catch (error) {
        refused.value = asRefused(error);
    }
    busy.value = false;
}
/** How much there is to do, beside the others. */
function ranks(row: CompanyRow): string {
    const costs = (page.value?.rows ?? []).flatMap(({ cost }) => (cost === null || cost === 0 ? [] : [cost]));
    if (row.cost === null) return '–';
    if (row.cost === 0) return 'nothing to change';
    if (row.cost === Math.min(...costs)) return 'least work';
    return row.cost === Math.max(...costs) ? 'most work' : 'more work';
}
/** What costs nothing needs no line. */
const reasons = (row: CompanyRow) => row.receipt.filter(({ cost }) => cost > 0);
</script>

<template>
    <div v-if="page" class="which">
        <Crumbs
            ><RouterLink :to="{ name: 'wearer', params: { id } }">{{ page.wearer }}</RouterLink
            ><span>Which pattern</span></Crumbs
        >
        <h1>
            {{
                page.rows.length === 0
                    ? 'There is no pattern yet.'
                    : page.rows[0]!.cost === null
                      ? `No pattern can be planned for ${page.wearer} yet.`
                      : `Least work for ${page.wearer}: ${page.rows[0]!.pattern}.`
            }}
        </h1>
        <p class="hint">
            The one with least to fit and to redraw comes first. A skirt has fewer seams to change than a
            dress, so it comes first more easily.
        </p>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
        <p v-if="page.rows.length === 0">
            <RouterLink :to="{ name: 'new-pattern' }">Put a pattern in</RouterLink>
        </p>
        <ol v-else class="ranked">
            <li v-for="row in page.rows" :key="row.pattern_id" :data-pattern="row.pattern">
                <p class="cost">
                    <b>{{ ranks(row) }}</b>
                </p>
                <div>
                    <h2>
                        <RouterLink :to="{ name: 'pattern', params: { id: row.pattern_id } }">{{
                            row.pattern
                        }}</RouterLink>
                        <small>{{ row.house }}</small>
                    </h2>
                    <template v-if="row.headline">
                        <p class="says">{{ row.headline }}</p>
                        <p v-if="row.by_finished">By the finished garment: {{ row.by_finished }}.</p>
                        <details v-if="reasons(row).length > 0" class="what">
                            <summary>Why it stands here</summary>
                            <span v-for="line in reasons(row)" :key="line.what" class="reason"
                                >{{ title(line.what) }} ({{ line.cost.toFixed(1) }})</span
                            >
                        </details>
                        <p v-if="row.to_get.length > 0">
                            <b>To get:</b> {{ row.to_get.join(' and ') }};
                            {{
                                row.to_get.length < row.envelopes.length
                                    ? 'the envelope you have holds only some of the sizes.'
                                    : 'the envelope you have does not hold these sizes.'
                            }}
                        </p>
                        <p v-if="row.worst">
                            <b>{{ row.worst.stops ? 'Before you cut' : 'Good to know' }}:</b>
                            {{ row.worst.text }}
                            <small v-if="row.cautions > 1">and {{ row.cautions - 1 }} more</small>
                        </p>
                    </template>
                    <p v-else class="waits">
                        <b>Waits:</b> {{ row.refused }}
                        <RouterLink v-if="row.card_id" :to="{ name: 'card', params: { id: row.card_id } }"
                            >To the card</RouterLink
                        >
                        <RouterLink v-else :to="{ name: 'wearer', params: { id } }">Measure</RouterLink>
                    </p>
                </div>
                <p class="act">
                    <RouterLink v-if="row.make_id" :to="{ name: 'bench', params: { id: row.make_id } }"
                        >Open the make</RouterLink
                    >
                    <button
                        v-else-if="row.headline"
                        type="button"
                        class="link"
                        :disabled="busy"
                        @click="begin(row)"
                    >
                        Begin it<span class="sr-only">: {{ row.pattern }}</span>
                    </button>
                </p>
            </li>
        </ol>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.which {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
    max-width: 980px;
    margin: 14px auto 60px;
    padding: 0 24px;
}
.ranked {
    border-top: 1.5px solid var(--ink);
    background: var(--paper);
}
.ranked li {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr) max-content;
    gap: 4px 16px;
    padding: 10px 6px;
    border-bottom: 1px solid var(--rule);
    line-height: 1.4;
}
.ranked li > div {
    display: grid;
    gap: 2px;
}
.cost b {
    font-size: 15px;
}
h2 small {
    margin-left: 8px;
}
.reason + .reason::before {
    content: ' · ';
}
.waits {
    color: var(--body);
}
.act {
    font-weight: 600;
}
.act .link {
    font-size: 15px;
}
@media (max-width: 560px) {
    .ranked li {
        grid-template-columns: 52px minmax(0, 1fr);
    }
    .act {
        grid-column: 2;
    }
}
</style>
