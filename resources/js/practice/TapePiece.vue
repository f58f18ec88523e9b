<script setup lang="ts">
import { computed } from 'vue';
import type { Question } from '../api/types';

/** The tip of a tape, and the place on it where the tip meets: both as they are printed. */
const props = defineProps<{ piece: NonNullable<Question['piece']> }>();

const STROKE = 11;
const HIGH = 96;
const SHOWN = 44;
const EDGE = 20;
/** So many strokes wide is a figure of three digits. */
const FIGURE = 3;
const wide = SHOWN * STROKE + 2 * EDGE;
/** Figures rise away from the tip, or fall where its zero is at the other end. */
const way = computed(() => (props.piece.meets >= props.piece.tip ? 1 : -1));

interface Stroke {
    x: number;
    long: number;
    figure: string;
}
function strokes(from: number, count: number): Stroke[] {
    const { strokes: each } = props.piece;
    return Array.from({ length: count + 1 }, (_, i) => {
        const at = from + way.value * i;
        const part = Math.abs(at) % each;
        const isHalf = part * 2 === each;
        const isQuarter = each === 8 && part % 2 === 0;
        return {
            x: EDGE + i * STROKE,
            long: part === 0 ? 46 : isHalf ? 36 : isQuarter ? 28 : 20,
            // What would run out at the end is left out.
            figure: part === 0 && at >= 0 && i <= count - FIGURE ? String(at / each) : '',
        };
    }).filter((_, i) => from + way.value * i >= 0);
}
const tip = computed(() => strokes(props.piece.tip, SHOWN));
const before = Math.floor(SHOWN / 2);
const around = computed(() => strokes(props.piece.meets - way.value * before, SHOWN));
const meets = EDGE + before * STROKE;
</script>

<template>
    <div class="tape-piece" aria-hidden="true">
        <p>The tip of the tape</p>
        <svg :viewBox="`0 0 ${wide} ${HIGH}`">
            <rect class="tape" :x="EDGE" y="8" :width="wide" height="64" />
            <g v-for="{ x, long, figure } in tip" :key="x">
                <line :x1="x" :x2="x" y1="8" :y2="8 + long" />
                <text v-if="figure" :x="x + 3" y="66">{{ figure }}</text>
            </g>
        </svg>
        <p>Round the body, and here the tip meets it: at the arrow</p>
        <svg :viewBox="`0 0 ${wide} ${HIGH}`">
            <rect class="tape" x="-4" y="8" :width="wide + 8" height="64" />
            <g v-for="{ x, long, figure } in around" :key="x">
                <line :x1="x" :x2="x" y1="8" :y2="8 + long" />
                <text v-if="figure" :x="x + 3" y="66">{{ figure }}</text>
            </g>
            <path class="meets" :d="`M${meets} 74l-8 18h16z`" />
        </svg>
    </div>
</template>

<style scoped>
.tape-piece p {
    margin: 6px 0;
    font-weight: 600;
}
svg {
    display: block;
    width: 100%;
}
.tape {
    fill: #ffe27a;
    stroke: var(--ink);
    stroke-width: 1.2;
}
line {
    stroke: #1b1b1b;
    stroke-width: 1.2;
}
text {
    fill: #1b1b1b;
    font-size: 17px;
    font-weight: 600;
}
.meets {
    fill: var(--cut);
}
</style>
