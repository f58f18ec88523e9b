<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref, shallowRef, watch } from 'vue';
import { onBeforeRouteLeave, useRouter } from 'vue-router';
import { useDebounceFn } from '@vueuse/core';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Pattern, Unit } from '../api/types';
import { useSession } from '../state/session';
import ChartSheet from '../sheet/ChartSheet.vue';
import { emptyDocument, placeWords } from '../sheet/sheet';
import Crumbs from '../ui/Crumbs.vue';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import PaperData from './PaperData.vue';

const props = defineProps<{ id?: number }>();
const session = useSession();
const router = useRouter();

const units = [
    { value: 'cm', label: 'cm' },
    { value: 'in', label: 'in' },
] as const;

const name = ref('');
const house = ref('');
const unit = ref<Unit>(session.unit);
// Plain objects, replaced whole at each change: the sheet copies them.
const document = shallowRef(emptyDocument());
const kept = shallowRef<Pattern | null>(null);
const loaded = ref(props.id === undefined);
const unsaved = ref(false);
const refused = ref<Refused | null>(null);

function show(pattern: Pattern): void {
    name.value = pattern.name;
    house.value = pattern.house;
    unit.value = pattern.unit;
    document.value = pattern.document;
    kept.value = pattern;
}

onMounted(async () => {
    if (props.id === undefined) return;
    try {
        show(
            await api.GET('/api/patterns/{pattern}', { params: { path: { pattern: props.id } } }).then(body),
        );
        loaded.value = true;
    } catch (error) {
        refused.value = asRefused(error);
    }
});

let saving: Promise<void> = Promise.resolve();

/** One save after the other; a pattern is kept as typed, and its faults come back beside it. */
async function save(): Promise<void> {
    unsaved.value = false;
    const typed = { name: name.value, house: house.value, unit: unit.value, document: document.value };
    const pattern = kept.value?.id;
    try {
        const now =
            pattern === undefined
                ? await api.POST('/api/patterns', { body: typed }).then(body)
                : await api
                      .PUT('/api/patterns/{pattern}', { params: { path: { pattern } }, body: typed })
                      .then(body);
        kept.value = now;
        refused.value = null;
        if (pattern === undefined)
            window.history.replaceState(window.history.state, '', `/patterns/${now.id}`);
    } catch (error) {
        refused.value = asRefused(error);
        unsaved.value = true;
    }
}

const saveNow = (): Promise<void> => (saving = saving.then(save));
const saveSoon = useDebounceFn(saveNow, 500);

watch([name, house, unit, document], () => {
    if (!loaded.value) return;
    if (kept.value !== null && document.value === kept.value.document && name.value === kept.value.name) {
        if (house.value === kept.value.house && unit.value === kept.value.unit) return;
    }
    unsaved.value = true;
    // Without a name there is nothing to find it by: it is asked for, and the sheet waits in the page.
    if (name.value.trim() !== '') void saveSoon();
});

onBeforeRouteLeave(async () => {
    if (unsaved.value && name.value.trim() !== '') await saveNow();
    return !unsaved.value || window.confirm('This pattern is not kept yet. Leave all the same?');
});
</script>

<template>
    <form v-if="loaded" class="pattern-page" novalidate @submit.prevent="saveNow">
        <Crumbs>{{ name || 'new pattern' }}</Crumbs>
        <div class="inline pattern-head">
            <TextField v-model="name" label="Pattern" hint="name and number" :fault="refused?.at('name')" />
            <TextField v-model="house" label="House" :fault="refused?.at('house')" />
            <ChoiceField
                class="narrow"
                label="Figures in"
                :options="units"
                :model-value="unit"
                @update:model-value="unit = $event ?? 'cm'"
            />
            <PaperData v-model="document" part="fabric" :faults="kept?.faults ?? []" :unit="unit" />
            <p class="state" role="status">
                <template v-if="refused && Object.keys(refused.errors).length === 0">{{
                    refused.message
                }}</template>
                <template v-else-if="unsaved && name.trim() === ''"
                    >Give it a name, and it is kept as you type.</template
                >
                <template v-else-if="unsaved">Keeping…</template>
                <template v-else-if="kept && kept.faults.length > 0">
                    Kept, with {{ kept.faults.length }} to mend before it can be laid out.
                </template>
                <template v-else-if="kept">Kept.</template>
            </p>
        </div>
        <ChartSheet
            v-model="document"
            :faults="kept?.faults ?? []"
            :drafted-ease="kept?.drafted_ease_nm ?? null"
        />
        <p v-if="refused?.at('document')" class="fault" role="alert">{{ refused.at('document') }}</p>
        <ul
            v-if="kept && kept.faults.length > 0 && document.sizes.length > 0"
            class="faults"
            aria-label="To mend"
        >
            <li v-for="fault in kept.faults.slice(0, 6)" :key="fault.field" class="fault">
                <b>{{ placeWords(fault.field, document) }}</b> {{ fault.message }}
            </li>
        </ul>
        <PaperData v-model="document" part="paper" :faults="kept?.faults ?? []" :unit="unit" />
        <p class="after">
            <Button label="Back to the workroom" type="button" @click="router.push({ name: 'workroom' })" />
        </p>
    </form>
    <p v-else-if="refused" class="fault page-fault" role="alert">{{ refused.message }}</p>
</template>
