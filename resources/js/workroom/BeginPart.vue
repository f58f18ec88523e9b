<script setup lang="ts">
import Button from 'primevue/button';
import { useSessionStorage } from '@vueuse/core';
import { computed, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { PatternDocument, PatternGuide } from '../api/types';
import ChartPreview from '../charts/ChartPreview.vue';
import { emptyDocument } from '../charts/grid';
import { clipped } from '../charts/paste';
import { taken, type LookedOver } from '../charts/preview';
import { usePreview } from '../charts/usePreview';
import { oneLength } from '../pattern/sized';
import { lacksOf } from '../pattern/lacks';
import SilhouetteChoice from '../pattern/SilhouetteChoice.vue';
import { withGarment, withStretch } from '../pattern/withGarment';
import { withLength, withUsual } from '../pattern/usual';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import { focusFault } from '../ui/focusFault';
import TextField from '../ui/TextField.vue';
import { begun, readingsOf, wanted, type Begun } from './begin';

/** The three things that a first line needs, in any order: a chart, a body, two lengths. */
const session = useSession();
const router = useRouter();
const guide = shallowRef<PatternGuide | null>(null);
/** Whoever comes with a chart in the clipboard has nowhere to go first. */
const pasteBox = useTemplateRef<HTMLTextAreaElement>('pasteBox');
onMounted(() => pasteBox.value?.focus({ preventScroll: true }));
onMounted(async () => {
    guide.value = await api
        .GET('/api/pattern-guide')
        .then(body)
        .catch(() => null);
});

/** Kept while the window is open: a reload loses nothing. */
const typed = useSessionStorage<Begun>(`underbolt.begun.${session.user?.email ?? ''}`, begun());
const document = computed<PatternDocument>({
    get: () => typed.value.document,
    set: (now) => (typed.value = { ...typed.value, document: now }),
});
/** What is said of the garment stays when another chart is pasted. */
const ofItsKind = (): PatternDocument => ({
    ...emptyDocument(),
    garment: document.value.garment ?? null,
    fabric: { ...document.value.fabric },
    levels: { ...document.value.levels },
    cut_as: document.value.cut_as ?? null,
});
/** The first form speaks in the unit of what was pasted. */
const unit = computed(() => typed.value.unit ?? session.unit);
const points = computed(() => wanted(document.value));
const lengths = computed(() =>
    lacksOf(ofItsKind()).flatMap((key) => guide.value?.usual_lengths.filter((one) => one.key === key) ?? []),
);

const { preview, refusal, busy, read, isIn, drop } = usePreview(() => unit.value);
const pasting = ref('');
function pasted(event: ClipboardEvent): void {
    const { text, html } = clipped(event);
    if (text.trim() === '') return;
    event.preventDefault();
    void read(text, html);
}
function take(looked: LookedOver): void {
    typed.value = {
        ...typed.value,
        unit: preview.value?.unit ?? null,
        document: taken(ofItsKind(), looked),
    };
    pasting.value = '';
    drop();
}

const refused = ref<Refused | null>(null);
const starting = ref(false);
const lacksChart = ref(false);
async function start(): Promise<void> {
    lacksChart.value = document.value.sizes.length === 0;
    refused.value = null;
    if (lacksChart.value || starting.value) return void focusFault();
    starting.value = true;
    try {
        const { make_id: id } = await api
            .POST('/api/begin', {
                body: {
                    name: typed.value.pattern.trim() || 'My first pattern',
                    house: '',
                    unit: unit.value,
                    document: withUsual(document.value, guide.value?.usual_lengths ?? [], unit.value),
                    wearer: typed.value.wearer,
                    measured_in: unit.value,
                    readings: readingsOf(typed.value.readings),
                },
            })
            .then(body);
        typed.value = begun();
        await router.push({ name: 'bench', params: { id } });
    } catch (error) {
        refused.value = asRefused(error);
        void focusFault();
    }
    starting.value = false;
}

const setReading = (code: string, text: string): void => {
    typed.value = { ...typed.value, readings: { ...typed.value.readings, [code]: text } };
};
</script>

<template>
    <ChartPreview v-if="preview" :preview="preview" :sizes-here="[]" @unit="isIn" @take="take" @drop="drop" />
    <form
        class="begin"
        :class="{ aside: preview }"
        :inert="preview !== null"
        novalidate
        @submit.prevent="start"
    >
        <section aria-labelledby="begin-chart">
            <h2 id="begin-chart">1. The pattern’s size chart</h2>
            <div class="inline">
                <TextField
                    :model-value="typed.pattern"
                    label="Pattern"
                    @update:model-value="typed = { ...typed, pattern: $event }"
                />
                <ChoiceField
                    label="Garment"
                    placeholder="not said"
                    :options="guide?.garments ?? []"
                    :model-value="document.garment ?? null"
                    @update:model-value="document = withGarment(document, $event)"
                />
                <TextField
                    v-if="document.fabric.kind === 'knit'"
                    type="number"
                    :model-value="String(document.fabric.stretch_percent ?? '')"
                    label="Stretch, %"
                    @update:model-value="document = withStretch(document, $event)"
                />
            </div>
            <SilhouetteChoice v-if="guide" v-model="document" :guide="guide" />
            <p v-if="document.sizes.length > 0" role="status" class="has">
                <b>{{ document.sizes.at(0) }} to {{ document.sizes.at(-1) }}</b
                >, {{ document.sizes.length }} sizes, in {{ unit }}.
                <button type="button" class="link" @click="document = ofItsKind()">Another chart</button>
            </p>
            <template v-else>
                <label for="begin-paste">Paste it here, from a web page, a spreadsheet, a PDF</label>
                <textarea
                    id="begin-paste"
                    ref="pasteBox"
                    v-model="pasting"
                    rows="5"
                    placeholder="Size   8   10   12   14&#10;Bust   84  88  92  96"
                    :aria-invalid="lacksChart"
                    @paste="pasted"
                />
                <Button
                    v-if="pasting.trim() !== ''"
                    type="button"
                    label="Read it"
                    size="small"
                    :disabled="busy"
                    @click="read(pasting)"
                />
                <p v-if="refusal" class="fault" role="alert">{{ refusal }}</p>
                <p v-else-if="lacksChart" class="fault" role="alert">
                    The size is found in it: paste it first.
                </p>
            </template>
        </section>
        <section aria-labelledby="begin-body">
            <h2 id="begin-body">2. The body</h2>
            <TextField
                :model-value="typed.wearer"
                label="Whose measures"
                :fault="refused?.at('wearer')"
                @update:model-value="typed = { ...typed, wearer: $event }"
            />
            <div class="three">
                <TextField
                    v-for="point in points"
                    :key="point.code"
                    :model-value="typed.readings[point.code] ?? ''"
                    :label="`${point.label}, ${unit}`"
                    :fault="refused?.at(`readings.${point.code}`)"
                    @update:model-value="setReading(point.code, $event)"
                />
            </div>
            <p v-if="refused?.at('readings')" class="fault" role="alert">{{ refused.at('readings') }}</p>
            <p v-else class="hint">
                As the tape reads; another unit is written behind its figure. More points can follow on the
                card.
            </p>
        </section>
        <section aria-labelledby="begin-seam">
            <h2 id="begin-seam">3. The side seam on the paper</h2>
            <div class="three">
                <TextField
                    v-for="length in lengths"
                    :key="length.key"
                    :model-value="oneLength(document.seam[length.key]) ?? ''"
                    :label="`${length.words}, ${unit}`"
                    :hint="`empty: ${length[unit]}, as is usual`"
                    @update:model-value="
                        document = {
                            ...document,
                            seam: withLength(document.seam, length.key, $event === '' ? null : $event),
                        }
                    "
                />
            </div>
            <p class="hint">What is left empty is marked as not measured, until the paper has been.</p>
            <Button type="submit" label="To the bench" :loading="starting" />
            <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
                {{ refused.message }}
            </p>
        </section>
    </form>
</template>

<style scoped>
.begin {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
    gap: 14px;
}
.begin.aside {
    opacity: 0.5;
}
section {
    display: grid;
    gap: 10px;
    align-content: start;
    justify-items: start;
    padding: 12px 16px 16px;
    border: 1.5px solid var(--rule);
    background: var(--paper);
}
.three {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(96px, 1fr));
    gap: 10px;
    width: 100%;
}
.three :deep(.text-field) {
    width: 100%;
}
textarea {
    width: 100%;
    padding: 8px;
    border: 1.5px dashed var(--ink);
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 15px;
}
.has {
    margin: 0;
}
</style>
