<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import { cloths } from './cloths';
import { computed, onMounted, ref, useId, useTemplateRef, watchEffect } from 'vue';
import type { Refused } from '../api/client';
import type { PatternDocument, PatternGuide, Unit } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import SilhouetteChoice from './SilhouetteChoice.vue';
import { withGarment, withStretch } from './withGarment';

const props = defineProps<{
    guide: PatternGuide | null;
    refused: Refused | null;
    faults: Map<string, string>;
}>();
const name = defineModel<string>('name', { required: true });
const house = defineModel<string>('house', { required: true });
const unit = defineModel<Unit>('unit', { required: true });
const document = defineModel<PatternDocument>('document', { required: true });
const pulledOn = useId();
const head = useTemplateRef<HTMLElement>('head');
/** A pattern without a name is named first: the hands find the field where they arrive. */
onMounted(() => {
    if (name.value === '') head.value?.querySelector('input')?.focus();
});

const units = [
    { value: 'cm', label: 'cm' },
    { value: 'in', label: 'in' },
] as const;
const houseNote = computed(() =>
    props.guide?.houses.some((one) => one.name === house.value) === true ? 'its habits are known' : undefined,
);

/** Asked where nobody has said it yet, and it stays once it is asked; else it stands with what must fit where. */
const isAsked = ref(false);
watchEffect(() => {
    if (document.value.garment && Object.keys(document.value.levels).length === 0) isAsked.value = true;
});

function change(part: Partial<PatternDocument>): void {
    document.value = { ...document.value, ...part };
}
</script>

<template>
    <div ref="head" class="inline pattern-head">
        <TextField v-model="name" label="Pattern" hint="name and number" :fault="refused?.at('name')" />
        <TextField
            v-model="house"
            label="House"
            v-bind="houseNote ? { hint: houseNote } : {}"
            :fault="refused?.at('house')"
        />
        <ChoiceField
            class="narrow"
            label="Garment"
            placeholder="not said"
            :options="guide?.garments ?? []"
            :model-value="document.garment ?? null"
            @update:model-value="document = withGarment(document, $event)"
        />
        <ChoiceField
            class="tiny"
            label="Figures in"
            :options="units"
            :model-value="unit"
            @update:model-value="unit = $event ?? 'cm'"
        />
        <ChoiceField
            class="narrow"
            label="Fabric"
            :options="cloths"
            :model-value="document.fabric.kind ?? 'woven'"
            @update:model-value="change({ fabric: { ...document.fabric, kind: $event ?? 'woven' } })"
        />
        <TextField
            v-if="document.fabric.kind === 'knit'"
            class="tiny"
            type="number"
            :model-value="String(document.fabric.stretch_percent ?? '')"
            label="Stretch, %"
            hint="10 cm that reach 14 have 40"
            :fault="faults.get('pattern.fabric.stretch_percent')"
            @update:model-value="document = withStretch(document, $event)"
        />
        <span class="tick">
            <Checkbox
                binary
                :input-id="pulledOn"
                :model-value="document.pulled_on ?? false"
                @update:model-value="change({ pulled_on: $event })"
            />
            <label :for="pulledOn">pulled on, no opening</label>
        </span>
        <SilhouetteChoice v-if="guide && isAsked" v-model="document" class="hangs" :guide="guide" />
    </div>
</template>

<style scoped>
.pattern-head :deep(.text-field) {
    width: 188px;
}
.tiny,
.pattern-head .tiny :deep(.text-field) {
    width: 96px;
}
.pattern-head .tick {
    display: flex;
    gap: 8px;
    align-items: center;
    margin-top: 26px;
    font-size: 14px;
}
.pattern-head .hangs {
    flex-basis: 100%;
}
</style>
