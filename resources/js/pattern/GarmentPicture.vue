<script setup lang="ts">
import { computed } from 'vue';
import type { LevelName, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import { figureText } from '../ui/figure';
import { garmentOutline, garmentShape } from './garment';
import { levelsOf } from './levels';
import { weightWords } from '../ui/words';

/** The garment as it is typed: its outline, where its levels lie, how far apart, and what matters where. */
const props = defineProps<{
    document: PatternDocument;
    unit: Unit;
    guide: PatternGuide;
    kept: Pattern | null;
}>();
const emit = defineEmits<{ ask: [] }>();

const WIDE = 370;
const HIGH = 420;
const ROOM = 12;
const MIDDLE = 170;
const shape = computed(() => garmentShape(props.document, props.unit));
/** Pixels of a centimetre: as large as there is room for. */
const scale = computed(() =>
    Math.min((HIGH - 2 * ROOM) / shape.value.down.hem, 105 / Math.max(...Object.values(shape.value.half))),
);
const y = (cm: number): number => ROOM + cm * scale.value;
const x = (cm: number): number => cm * scale.value;

const outline = computed(() =>
    garmentOutline(shape.value, { middle: MIDDLE, top: ROOM, scale: scale.value }),
);

const shown = computed(() => levelsOf(props.document, props.guide).map(({ name }) => name));
const labels = computed(() =>
    shown.value.map((level: LevelName) => {
        const eases =
            props.kept?.drafted_ease.find((one) => one.level === level && one.path.startsWith('finished.'))
                ?.ease_nm ?? [];
        const known = eases.filter((ease) => ease !== null);
        // Ranges drafted with unlike ease are told both.
        const drafted = known.length === 0 ? [] : [...new Set([Math.min(...known), Math.max(...known)])];
        return {
            level,
            at: y(shape.value.down[level]),
            half: x(shape.value.half[level]),
            words: weightWords[props.document.levels[level] ?? 'matters'],
            ease:
                drafted.length === 0
                    ? null
                    : drafted
                          .map((ease) => figureText(ease, props.unit, { signed: true }))
                          .join(' to ')
                          .replace(` ${props.unit} to`, ' to'),
        };
    }),
);
const lengths = computed(() => {
    const { down, typed, fromWaist } = shape.value;
    return [
        ...(fromWaist ? [] : [{ from: down.bust, to: down.waist, figure: typed.waist }]),
        { from: down.waist, to: down.hip, figure: typed.hip },
        { from: down.hip, to: down.hem, figure: typed.hem },
    ].map(({ from, to, figure }) => ({ from: y(from), to: y(to), figure: figure || '?' }));
});
</script>

<template>
    <figure class="garment-picture">
        <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" aria-hidden="true">
            <path class="outline" :d="outline" />
            <g v-for="{ level, at, half, words, ease } in labels" :key="level">
                <path class="level" :d="`M${MIDDLE - half} ${at}H${MIDDLE + half}`" />
                <text class="name" :x="MIDDLE + 112" :y="at - 2">{{ level }}</text>
                <text :x="MIDDLE + 112" :y="at + 13">{{ words }}</text>
                <text v-if="ease" :x="MIDDLE + 112" :y="at + 28">{{ ease }}</text>
            </g>
            <g v-for="({ from, to, figure }, n) in lengths" :key="n">
                <path class="long" :d="`M44 ${from}h10m-5 0V${to}m-5 0h10`" />
                <text class="figure" :class="{ lacks: figure === '?' }" x="36" :y="(from + to) / 2 + 4">
                    {{ figure }}
                </text>
            </g>
        </svg>
        <figcaption>
            <button type="button" class="link" @click="emit('ask')">Levels and lengths</button>
        </figcaption>
    </figure>
</template>

<style scoped>
.garment-picture {
    margin: 0;
}
svg {
    display: block;
    width: 100%;
    max-height: 560px;
}
.outline {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.6;
    stroke-linejoin: round;
}
.level {
    stroke: var(--cut);
    stroke-width: 1.2;
    stroke-dasharray: 5 4;
}
.long {
    fill: none;
    stroke: var(--quiet);
}
text {
    fill: var(--quiet);
    font-size: 12px;
}
.name {
    fill: var(--ink);
    font-size: 14px;
    font-weight: 700;
    text-transform: capitalize;
}
.figure {
    fill: var(--ink);
    font-weight: 650;
    text-anchor: end;
}
.figure.lacks {
    fill: var(--cut);
}
figcaption {
    text-align: center;
}
</style>
