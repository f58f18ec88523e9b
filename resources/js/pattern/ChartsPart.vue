<script setup lang="ts">
import Button from 'primevue/button';
import { computed, nextTick, ref } from 'vue';
import { asRefused } from '../api/client';
import type { House, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import ChartPreview from '../charts/ChartPreview.vue';
import { clipped } from '../charts/paste';
import ChartGrid from '../charts/ChartGrid.vue';
import { frontWidthsOf, offeredWidths, withFrontWidths } from '../charts/frontWidths';
import { learned, taken, type LookedOver } from '../charts/preview';
import { usePreview } from '../charts/usePreview';
import { addHabits } from './useHouse';

const props = defineProps<{ kept: Pattern | null; guide: PatternGuide; house: string }>();
const document = defineModel<PatternDocument>({ required: true });
const unit = defineModel<Unit>('unit', { required: true });
const emit = defineEmits<{ undo: []; redo: []; house: [House] }>();

const { preview, refusal, busy, read, readFile, isIn, drop } = usePreview(
    () => unit.value,
    () => props.house,
);
const pasting = ref('');
/** It stands above the chart until a chart is in it: typing into the chart moves nothing from under the hand. */
const offersPaste = ref(document.value.sizes.length === 0);
const done = ref('');

/** More than any chart holds; a whole book must not freeze the page. */
const LARGEST_PASTE = 200_000;

/** An empty sheet takes over the unit of the first chart that is pasted into it. */
async function look(text: string, html: string | null = null): Promise<void> {
    done.value = '';
    if (text.length > LARGEST_PASTE) {
        refusal.value = 'That is more than 200 kB, far more than any chart. Copy only the table.';
        return;
    }
    await read(text, html);
    if (preview.value && preview.value.unit !== unit.value && document.value.sizes.length === 0) {
        unit.value = preview.value.unit as Unit;
        await nextTick();
        await read(text, html);
    }
}

function pasted(event: ClipboardEvent): void {
    const { text, html } = clipped(event);
    if (text.trim() === '') return;
    event.preventDefault();
    void look(text, html);
}

async function chosen(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (file) await readFile(file);
    input.value = '';
}

const known = computed(() => props.guide.houses.find(({ name }) => name === props.house));
const offered = computed(() => offeredWidths(document.value, known.value?.habits.front_widths));

function putWidths(): void {
    document.value = withFrontWidths(document.value, known.value?.habits.front_widths ?? {});
}

/** What a house calls its rows, and its front widths, are kept with it: its next chart is known by them. */
async function remember(words: Record<string, string>): Promise<void> {
    const widths = frontWidthsOf(document.value, unit.value);
    if (props.house.trim() === '' || (Object.keys(words).length === 0 && widths === null)) return;
    try {
        const house = await addHabits(
            { name: props.house, unit: unit.value },
            known.value ?? null,
            (habits) => ({
                ...habits,
                row_words: { ...habits.row_words, ...words },
                ...(widths === null ? {} : { front_widths: { ...habits.front_widths, ...widths } }),
            }),
        );
        emit('house', house);
        done.value += ` What ${props.house} prints alike is remembered for its next chart.`;
    } catch (error) {
        refusal.value = asRefused(error).message;
    }
}

function take(looked: LookedOver): void {
    const words = preview.value === null ? {} : learned(preview.value, looked);
    document.value = taken(document.value, looked);
    void remember(words);
    done.value = 'Put into the chart. Undo brings back what was there.';
    pasting.value = '';
    offersPaste.value = false;
    drop();
    // The hand goes on in what was made of it.
    void nextTick(() =>
        window.document.querySelector<HTMLElement>('[data-cell="0:0"]')?.focus({ preventScroll: true }),
    );
}

function startWith(starter: PatternGuide['starters'][number]): void {
    document.value = {
        ...document.value,
        sizes: starter.sizes,
        body_chart: starter.body_chart,
        chart_means: starter.chart_means,
    };
    offersPaste.value = false;
    done.value = starter.source;
}
</script>

<template>
    <div class="part">
        <ChartPreview
            v-if="preview"
            :preview="preview"
            :sizes-here="document.sizes"
            @unit="isIn"
            @take="take"
            @drop="drop"
        />
        <template v-else>
            <p v-if="done" class="notice" role="status">{{ done }}</p>
            <p v-if="refusal" class="fault" role="alert">{{ refusal }}</p>
            <div v-if="offersPaste" class="paste-here">
                <label for="paste-chart"><b>Paste the size chart here</b></label>
                <p id="paste-chart-how" class="hint">
                    From a spreadsheet, a web page or the text of a PDF; sizes across or down; centimetres or
                    inches. You see what was understood before anything is written. Or type into the chart
                    below.
                </p>
                <textarea
                    id="paste-chart"
                    v-model="pasting"
                    class="paste-box"
                    rows="4"
                    aria-describedby="paste-chart-how"
                    placeholder="Size   8   10   12   14&#10;Bust   84  88  92  96"
                    @paste="pasted"
                />
                <div class="inline">
                    <Button
                        type="button"
                        label="Read it"
                        size="small"
                        :disabled="pasting.trim() === '' || busy"
                        @click="look(pasting)"
                    />
                    <label class="file">
                        Choose a file: xlsx, ods, csv or pdf
                        <input type="file" accept=".xlsx,.ods,.csv,.tsv,.txt,.pdf" @change="chosen" />
                    </label>
                    <Button
                        v-for="starter in guide.starters"
                        :key="starter.value"
                        type="button"
                        text
                        size="small"
                        :label="`Start with: ${starter.label}`"
                        @click="startWith(starter)"
                    />
                </div>
            </div>
            <p v-if="offered.length > 0" class="notice">
                The front widths of {{ house }} are known for {{ offered.join(', ') }}.
                <button type="button" class="link" @click="putWidths">Put them in</button>
            </p>
            <ChartGrid
                v-model="document"
                :faults="props.kept?.faults ?? []"
                :kept="props.kept"
                :unit="unit"
                @pasted="look"
                @undo="emit('undo')"
                @redo="emit('redo')"
            />
            <p v-if="(props.kept?.odd.length ?? 0) > 0" class="odd-note" role="status">
                <span v-for="odd in props.kept?.odd.slice(0, 4)" :key="odd.field">{{ odd.message }} </span>
            </p>
            <p v-if="document.sizes.length > 0" class="inline hint">
                Paste into any cell: a chart with words in it is looked over first.
                <label class="file">
                    Read a file
                    <input type="file" accept=".xlsx,.ods,.csv,.tsv,.txt,.pdf" @change="chosen" />
                </label>
                <template v-if="props.kept">
                    <a :href="`/api/patterns/${props.kept.id}/charts.csv`" download>Charts as CSV</a>
                    <a :href="`/api/patterns/${props.kept.id}/pattern.json`" download>Pattern as JSON</a>
                </template>
            </p>
        </template>
    </div>
</template>

<style scoped>
.paste-here {
    display: grid;
    gap: 6px;
    width: 100%;
}
.hint .file {
    font-size: inherit;
    padding: 0;
}
.odd-note {
    font-size: 13.5px;
    color: var(--garment);
}
</style>
