<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { asRefused } from '../api/client';
import type { Drawing } from '../api/types';
import type { Piece } from '../nest/pieces';
import MatCorners from './MatCorners.vue';
import MatRules from './MatRules.vue';
import ProjectorPanel from './ProjectorPanel.vue';
import SettingPanel from './SettingPanel.vue';
import TapeRule from './TapeRule.vue';
import { keepHere, type Kept } from '../state/kept';
import { isShown, layersOf } from './layers';
import { ownDrawing, piece, strip } from './thrown';
import './tray.css';
import { useMat, ZERO } from './useMat';
import { atRest, mirrored, moved, relit, turned, weighed } from './view';
import { useSession } from '../state/session';
import { useShortcuts } from '../ui/shortcuts';

/** Of a piece its nest is shown, else the strip; of a pattern its own drawing, without any make. */
const props = defineProps<{ id: number; nest?: Piece; pattern?: number }>();
const router = useRouter();
const session = useSession();
const drawing = shallowRef<Drawing | null>(null);
const refusal = ref<string | null>(null);
const hidden = ref(new Set<string>());
const hasTray = ref(true);
const isCornered = ref(false);
const root = useTemplateRef<HTMLElement>('root');
const mat = useMat(
    () => session.unit,
    () => drawing.value,
);
const {
    width,
    height,
    calibration,
    isSetting,
    isMeasured,
    isScaleOff,
    view,
    pins,
    corners,
    transform,
    leans,
} = mat;

const layers = computed(() => (drawing.value === null ? [] : layersOf(drawing.value)));
const paths = computed(
    () => drawing.value?.paths.filter(({ group }) => isShown(group, layers.value, hidden.value)) ?? [],
);
const labels = computed(
    () => drawing.value?.labels.filter(({ group }) => isShown(group, layers.value, hidden.value)) ?? [],
);

const kept = ref<Kept | null>(null);

onMounted(async () => {
    // Once it is open nothing is fetched any more: the list of keys must be here too when the line is gone.
    const keys = import('../ui/ShortcutList.vue');
    const thrown =
        props.pattern !== undefined
            ? ownDrawing(props.pattern, props.nest ?? 'front')
            : props.nest === undefined
              ? strip(props.id)
              : piece(props.id, props.nest);
    try {
        drawing.value = await thrown.load();
        await keys;
        kept.value = await keepHere(thrown.address);
    } catch (error) {
        refusal.value = asRefused(error).message;
    }
});
/** Where it came from. */
const from = computed(() =>
    props.pattern === undefined
        ? { name: 'bench', params: { id: props.id } }
        : { name: 'nest', params: { id: props.pattern } },
);

function toggle(layer: string): void {
    const next = new Set(hidden.value);
    if (!next.delete(layer)) next.add(layer);
    hidden.value = next;
}

const step = (
    key: string,
    shown: string,
    does: string,
    change: (now: typeof view.value) => typeof view.value,
) => ({ key, shown, does, run: () => void (view.value = change(view.value)) });

useShortcuts([
    {
        key: 't',
        shown: 'T',
        does: 'set the scale by two tapes, or done',
        run: () => (isSetting.value = !isSetting.value),
    },
    step('q', 'Q', 'a quarter on', (now) => turned(now)),
    step('[', '[', 'a degree back', (now) => turned(now, -1)),
    step(']', ']', 'a degree on', (now) => turned(now, 1)),
    step('{', 'Shift [', 'a tenth of a degree back', (now) => turned(now, -0.1)),
    step('}', 'Shift ]', 'a tenth of a degree on', (now) => turned(now, 0.1)),
    step('o', 'O', 'the other side up', mirrored),
    step('l', 'L', 'another look: paper, dark table, ink alone', relit),
    step('b', 'B', 'a metre beside it', (now) => ({ ...now, hasRule: !now.hasRule })),
    step('+', '+', 'bolder lines', (now) => weighed(now, 1)),
    step('-', '−', 'finer lines', (now) => weighed(now, -1)),
    step('0', '0', 'back to where it lay', () => atRest),
    {
        key: 'w',
        shown: 'W',
        does: 'put what lies beside away, or back',
        run: () => (hasTray.value = !hasTray.value),
    },
    { key: 'Enter', shown: 'Enter', does: 'whole screen', run: () => void fullScreen() },
    step('ArrowLeft', '←', 'move by 1 mm, with Shift by 10', (now) => moved(now, -1, 0)),
    step('ArrowRight', '→', 'likewise', (now) => moved(now, 1, 0)),
    step('ArrowUp', '↑', 'likewise', (now) => moved(now, 0, -1)),
    step('ArrowDown', '↓', 'likewise', (now) => moved(now, 0, 1)),
    step('Shift+ArrowLeft', 'Shift ←', 'move by 10 mm', (now) => moved(now, -10, 0)),
    step('Shift+ArrowRight', 'Shift →', 'likewise', (now) => moved(now, 10, 0)),
    step('Shift+ArrowUp', 'Shift ↑', 'likewise', (now) => moved(now, 0, -10)),
    step('Shift+ArrowDown', 'Shift ↓', 'likewise', (now) => moved(now, 0, 10)),
]);

const meant = computed(() => {
    const of = (mm: number): string => String(Math.round(mm / (session.unit === 'cm' ? 10 : 25.4)));
    return `${of(pins.value.across)} × ${of(pins.value.down)} ${session.unit}`;
});

async function fullScreen(): Promise<void> {
    if (document.fullscreenElement) await document.exitFullscreen();
    else await root.value?.requestFullscreen();
}
</script>

<template>
    <div ref="root" class="projector" :class="view.look">
        <h1 class="sr-only">Projector: {{ drawing?.name ?? 'strip' }}</h1>
        <p v-if="refusal" class="refusal" role="alert">
            {{ refusal }}
            <RouterLink :to="from">{{
                pattern === undefined ? 'Back to the bench' : 'Back to the drawing'
            }}</RouterLink>
        </p>
        <svg
            class="mat"
            :width="width"
            :height="height"
            role="img"
            :style="{ transform: leans }"
            :aria-label="isSetting ? 'two tapes to set the scale by' : 'the strip at true scale'"
            @pointerdown="isSetting || mat.hold($event, 'drawing')"
        >
            <MatRules
                v-if="isSetting && !isCornered"
                :calibration="calibration"
                :pins="pins"
                :unit="session.unit"
                @hold="mat.hold"
            />
            <g v-else-if="drawing && !isSetting" class="strip" :transform="transform">
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
            <TapeRule
                v-if="view.hasRule && !isSetting"
                way="across"
                :per-mm="calibration.across"
                :unit-mm="session.unit === 'cm' ? 10 : 25.4"
                :long-mm="session.unit === 'cm' ? 1000 : 1016"
                :from="ZERO"
            />
        </svg>
        <svg
            v-if="isSetting && isCornered"
            class="mat over"
            :width="width"
            :height="height"
            aria-hidden="true"
        >
            <MatCorners :corners="corners" :words="meant" @hold="mat.hold" />
        </svg>
        <template v-if="hasTray">
            <SettingPanel
                v-if="isSetting"
                v-model:cornered="isCornered"
                :unit="session.unit"
                :pins="pins"
                :is-wrong="mat.isWrong.value"
                :is-measured="isMeasured"
                :leans="calibration.lean !== null"
                @read="mat.tapeReads"
                @straighten="mat.straighten"
                @done="isSetting = false"
            />
            <ProjectorPanel
                v-else
                v-model:view="view"
                :layers="layers"
                :hidden="hidden"
                :is-scale-off="isScaleOff"
                :is-measured="isMeasured"
                :kept="kept"
                @toggle="toggle"
                @set="isSetting = true"
                @full-screen="fullScreen"
                @leave="router.push(from)"
            />
        </template>
        <p v-else-if="isScaleOff || !isMeasured" class="tray off-alone" role="alert">
            {{
                isMeasured
                    ? 'Not true any more: set the tapes again (T).'
                    : 'Not measured yet: set the tapes (T).'
            }}
        </p>
    </div>
</template>

<style scoped>
.projector {
    --ground: var(--paper);
    --lines: var(--ink);
    --line-cut: var(--cut);
    --tape: #f2d9a0;
    --tape-ink: #14233f;
    position: fixed;
    inset: 0;
    z-index: 5;
    overflow: hidden;
    background: var(--ground);
    color: var(--lines);
}
.projector.night {
    --ground: #05070c;
    --lines: #f4f1e6;
    --line-cut: #ff8a5c;
}
.projector.plain {
    --ground: #fff;
    --lines: #000;
    --line-cut: #000;
}
.mat {
    display: block;
    transform-origin: 0 0;
    cursor: grab;
    touch-action: none;
}
.mat.over {
    position: absolute;
    inset: 0;
}
.strip path {
    fill: none;
    stroke: currentcolor;
}
.strip .cut {
    stroke: var(--line-cut);
}
.strip .printed,
.strip .station {
    opacity: 0.75;
}
.strip text {
    fill: currentcolor;
    user-select: none;
}
.off-alone {
    width: auto;
    background: var(--cut);
    color: var(--paper);
    font-weight: 650;
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
