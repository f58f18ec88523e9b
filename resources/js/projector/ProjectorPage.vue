<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body } from '../api/client';
import type { Drawing } from '../api/types';
import MatGrid from './MatGrid.vue';
import MatRuler from './MatRuler.vue';
import ProjectorPanel from './ProjectorPanel.vue';
import { isShown, layersOf } from './layers';
import { useMat } from './useMat';
import { atRest, flipped, moved, turned, weighed } from './view';
import { useSession } from '../state/session';
import { useShortcuts } from '../ui/shortcuts';

/** Of a piece its nest is shown, else the strip. */
const props = defineProps<{ id: number; nest?: 'front' | 'back' }>();
const router = useRouter();
const session = useSession();
const drawing = shallowRef<Drawing | null>(null);
const refusal = ref<string | null>(null);
const hidden = ref(new Set<string>());
const hasPanel = ref(true);
const root = useTemplateRef<HTMLElement>('root');
const mat = useMat(
    () => session.unit,
    () => drawing.value,
);
const { width, height, calibration, isCalibrating, view, square, transform } = mat;

const layers = computed(() => (drawing.value === null ? [] : layersOf(drawing.value)));
const paths = computed(
    () => drawing.value?.paths.filter(({ group }) => isShown(group, layers.value, hidden.value)) ?? [],
);
const labels = computed(
    () => drawing.value?.labels.filter(({ group }) => isShown(group, layers.value, hidden.value)) ?? [],
);

onMounted(async () => {
    // Once it is open nothing is fetched any more: the list of keys must be here too when the line is gone.
    void import('../ui/ShortcutList.vue');
    try {
        const path = { make: props.id };
        drawing.value = await (
            props.nest === undefined
                ? api.GET('/api/makes/{make}/strip', { params: { path } })
                : api.GET('/api/makes/{make}/nest/{piece}', {
                      params: { path: { ...path, piece: props.nest } },
                  })
        ).then((answer) => body<Drawing>(answer));
    } catch (error) {
        refusal.value = asRefused(error).message;
    }
});

function toggle(layer: string): void {
    const next = new Set(hidden.value);
    if (!next.delete(layer)) next.add(layer);
    hidden.value = next;
}

const move = (x: number, y: number) => (): void => void (view.value = moved(view.value, x, y));

useShortcuts([
    {
        key: 'c',
        shown: 'C',
        does: 'calibrate, or done',
        run: () => (isCalibrating.value = !isCalibrating.value),
    },
    { key: 'r', shown: 'R', does: 'turn by a quarter', run: () => (view.value = turned(view.value)) },
    { key: 'f', shown: 'F', does: 'flip', run: () => (view.value = flipped(view.value)) },
    { key: 'i', shown: 'I', does: 'white on black or black on white', run: () => invert() },
    { key: 'm', shown: 'M', does: 'the metre', run: () => ruler() },
    { key: '+', shown: '+', does: 'thicker lines', run: () => (view.value = weighed(view.value, 1)) },
    { key: '-', shown: '−', does: 'thinner lines', run: () => (view.value = weighed(view.value, -1)) },
    { key: '0', shown: '0', does: 'back to where it was', run: () => (view.value = atRest) },
    {
        key: 'h',
        shown: 'H',
        does: 'hide or show these controls',
        run: () => (hasPanel.value = !hasPanel.value),
    },
    { key: 'Enter', shown: 'Enter', does: 'full screen', run: () => void fullScreen() },
    { key: 'ArrowLeft', shown: '←', does: 'move by 1 mm, with Shift by 10', run: move(-1, 0) },
    { key: 'ArrowRight', shown: '→', does: 'likewise', run: move(1, 0) },
    { key: 'ArrowUp', shown: '↑', does: 'likewise', run: move(0, -1) },
    { key: 'ArrowDown', shown: '↓', does: 'likewise', run: move(0, 1) },
    { key: 'Shift+ArrowLeft', shown: 'Shift ←', does: 'move by 10 mm', run: move(-10, 0) },
    { key: 'Shift+ArrowRight', shown: 'Shift →', does: 'likewise', run: move(10, 0) },
    { key: 'Shift+ArrowUp', shown: 'Shift ↑', does: 'likewise', run: move(0, -10) },
    { key: 'Shift+ArrowDown', shown: 'Shift ↓', does: 'likewise', run: move(0, 10) },
]);

const invert = (): void => void (view.value = { ...view.value, isDark: !view.value.isDark });
const ruler = (): void => void (view.value = { ...view.value, hasRuler: !view.value.hasRuler });

async function fullScreen(): Promise<void> {
    if (document.fullscreenElement) await document.exitFullscreen();
    else await root.value?.requestFullscreen();
}
</script>

<template>
    <div ref="root" class="projector" :class="{ dark: view.isDark }">
        <h1 class="sr-only">Projector: {{ drawing?.name ?? 'strip' }}</h1>
        <p v-if="refusal" class="refusal" role="alert">
            {{ refusal }} <RouterLink :to="{ name: 'bench', params: { id } }">Back to the bench</RouterLink>
        </p>
        <svg
            class="mat"
            :width="width"
            :height="height"
            role="img"
            :aria-label="isCalibrating ? 'the grid to calibrate by' : 'the strip at true scale'"
            @pointerdown="isCalibrating || mat.hold($event, 'drawing')"
        >
            <MatGrid
                v-if="isCalibrating"
                :width="width"
                :height="height"
                :square="square"
                @hold="mat.hold($event, 'square')"
            />
            <g v-else-if="drawing" class="strip" :transform="transform">
                <path
                    v-for="(path, n) in paths"
                    :key="n"
                    :d="path.d"
                    :class="path.pen"
                    :stroke-width="path.width_mm * view.weight"
                    :stroke-dasharray="path.dash_mm.join(' ')"
                />
                <text
                    v-for="(label, n) in labels"
                    :key="`label ${n}`"
                    :x="label.x_mm"
                    :y="label.y_mm"
                    :font-size="label.size_mm"
                    :text-anchor="label.anchor"
                >
                    {{ label.text }}
                </text>
            </g>
            <MatRuler v-if="view.hasRuler && !isCalibrating" :calibration="calibration" />
        </svg>
        <ProjectorPanel
            v-if="hasPanel"
            v-model:view="view"
            v-model:calibrating="isCalibrating"
            :unit="session.unit"
            :layers="layers"
            :hidden="hidden"
            :is-wrong="mat.isWrong.value"
            @toggle="toggle"
            @measure="mat.measure"
            @full-screen="fullScreen"
            @leave="router.push({ name: 'bench', params: { id } })"
        />
    </div>
</template>

<style scoped>
.projector {
    position: fixed;
    inset: 0;
    z-index: 5;
    overflow: hidden;
    background: #fff;
    color: #000;
}
.projector.dark {
    background: #000;
    color: #fff;
}
.mat {
    display: block;
    cursor: grab;
    touch-action: none;
}
.strip path {
    fill: none;
    stroke: currentcolor;
}
.strip .printed,
.strip .station {
    opacity: 0.75;
}
.strip text {
    fill: currentcolor;
    user-select: none;
}
.refusal {
    position: absolute;
    top: 40px;
    left: 40px;
    max-width: 640px;
    font-size: 18px;
}
.refusal a {
    color: inherit;
}
</style>
