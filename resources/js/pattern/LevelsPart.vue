<script setup lang="ts">
import { computed } from 'vue';
import type { House, PatternDocument, PatternGuide, Unit } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import LevelRow from './LevelRow.vue';
import SilhouetteChoice from './SilhouetteChoice.vue';
import { levelsOf } from './levels';
import { orNull } from './lists';
import { isFromWaist, lacksOf, lengthWords } from './lacks';
import { measured, withLength, withUsual } from './usual';

const props = defineProps<{
    faults: Map<string, string>;
    unit: Unit;
    guide: PatternGuide;
    house: House | null;
}>();
const document = defineModel<PatternDocument>({ required: true });

const lines = [
    { value: 'above_waist', label: 'above the waist' },
    { value: 'below_waist', label: 'below the waist' },
    { value: 'hem', label: 'at the hem' },
    { value: 'sleeve', label: 'in the sleeve' },
] as const;
type Line = (typeof lines)[number]['value'];
const lengths = [
    { key: 'underarm_to_waist', label: 'Underarm to waist' },
    { key: 'waist_to_hip', label: 'Waist to hip' },
    { key: 'hip_to_hem', label: 'Hip to cut hem' },
    { key: 'waist_to_hem_edge', label: 'or waist to cut hem' },
    { key: 'seam_allowance', label: 'Seam allowance' },
    { key: 'hem_allowance', label: 'Hem allowance' },
    { key: 'shoulder_to_waist', label: 'Shoulder to waist' },
    { key: 'sleeve_length', label: 'Sleeve to cut edge' },
    { key: 'sleeve_hem_allowance', label: 'Sleeve hem allowance' },
] as const;

/** What begins at the waist has no length above it, and no sleeve. */
const asked = computed(() =>
    isFromWaist(document.value) ? lengths.filter(({ key }) => !ABOVE_WAIST.includes(key)) : lengths,
);
const ABOVE_WAIST: readonly string[] = [
    'underarm_to_waist',
    'shoulder_to_waist',
    'sleeve_length',
    'sleeve_hem_allowance',
];

const lacks = computed(() => lacksOf(document.value));
const guessed = computed(() => document.value.seam.guessed ?? []);

const levels = computed(() => levelsOf(document.value, props.guide));

function change(part: Partial<PatternDocument>): void {
    document.value = { ...document.value, ...part };
}

const cuts = [
    { value: 'blended', label: 'each level in its own size' },
    { value: 'one_size', label: 'all in one size' },
] as const;

type Length = (typeof lengths)[number]['key'];
const isRow = (key: Length): boolean => Array.isArray(document.value.seam[key]);
function single(key: Length): string {
    const length = document.value.seam[key];
    return Array.isArray(length) ? '' : (length ?? '');
}

function setLength(key: (typeof lengths)[number]['key'], text: string): void {
    change({ seam: withLength(document.value.seam, key, orNull(text)) });
}

/** What the house says where the pattern is silent. */
function fromHouse(key: string): { hint?: string } {
    if (key === 'waist_to_hem_edge') return { hint: 'with a minus where it ends above' };
    const habit = key === 'seam_allowance' || key === 'hem_allowance' ? props.house?.habits[key] : null;
    return habit ? { hint: `${habit} ${props.house?.unit ?? ''} by the house` } : {};
}

function toggleLine(line: Line, on: boolean): void {
    const here = document.value.lengthen_lines ?? [];
    // In the order of the paper, in whatever order they are ticked.
    const ticked = lines.map(({ value }) => value).filter((one) => (one === line ? on : here.includes(one)));
    change({ lengthen_lines: ticked });
}
</script>

<template>
    <div class="paper-data part">
        <section aria-labelledby="paper-levels">
            <h3 id="paper-levels">What must fit where</h3>
            <SilhouetteChoice v-model="document" :guide="guide" />
            <LevelRow
                v-for="level in levels"
                :key="level.name"
                v-model="document"
                :level="level"
                :faults="faults"
                :unit="unit"
            />
            <ChoiceField
                class="wider"
                label="It is cut"
                :options="cuts"
                :model-value="document.cut_as ?? 'blended'"
                @update:model-value="change({ cut_as: $event })"
            />
            <p class="hint">
                A level must fit where the garment lies close, and needn’t where it hangs. Left open: four
                edges, and the least ease that is usual for a {{ document.fabric.kind }}; a make can say
                another.
            </p>
        </section>
        <section aria-labelledby="paper-lengths">
            <h3 id="paper-lengths">Lengths on the paper</h3>
            <p class="hint">
                Along the body, between the stitching lines, in {{ unit }}. The blend needs the first two.
            </p>
            <p v-if="lacks.length > 0" class="hint">
                <b>Lacking: {{ lacks.map(lengthWords).join(', ') }}.</b>
                <button
                    type="button"
                    class="link"
                    @click="document = withUsual(document, guide.usual_lengths, unit)"
                >
                    Take what is usual for now
                </button>
            </p>
            <p v-if="guessed.length > 0" class="fault">
                {{ guessed.map(lengthWords).join(' and ') }}: usual, not measured. Type what the paper says.
                <button type="button" class="link" @click="change({ seam: measured(document.seam) })">
                    It says so
                </button>
            </p>
            <div class="lengths">
                <TextField
                    v-for="length in asked.filter(({ key }) => !isRow(key))"
                    :key="length.key"
                    :model-value="single(length.key)"
                    :label="length.label"
                    :fault="faults.get(`pattern.seam.${length.key}`)"
                    v-bind="fromHouse(length.key)"
                    @update:model-value="setLength(length.key, $event)"
                />
            </div>
            <p v-if="asked.some(({ key }) => isRow(key))" class="hint">
                By size, in the chart:
                {{
                    asked
                        .filter(({ key }) => isRow(key))
                        .map(({ label }) => label.toLowerCase())
                        .join(', ')
                }}.
            </p>
            <label class="leans">
                <input
                    type="checkbox"
                    :checked="document.seam.leans ?? false"
                    @change="
                        change({
                            seam: {
                                ...document.seam,
                                leans: ($event.target as HTMLInputElement).checked,
                            },
                        })
                    "
                />
                its side seam leans more than 40 degrees (a flare)
            </label>
            <fieldset class="chips">
                <legend>Lines printed to lengthen or shorten at</legend>
                <label v-for="line in lines" :key="line.value">
                    <input
                        type="checkbox"
                        :checked="document.lengthen_lines?.includes(line.value) ?? false"
                        @change="toggleLine(line.value, ($event.target as HTMLInputElement).checked)"
                    />{{ line.label }}
                </label>
            </fieldset>
        </section>
    </div>
</template>

<style scoped>
.paper-data {
    grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
    gap: 14px 32px;
    justify-items: stretch;
}
.paper-data section {
    display: grid;
    gap: 12px;
    align-content: start;
}
.lengths {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px 14px;
    align-items: start;
}
.paper-data :deep(.wider) {
    width: 230px;
}
@media screen and (max-width: 1000px) {
    .paper-data {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
