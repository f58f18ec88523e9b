<script setup lang="ts">
import { computed } from 'vue';
import type { CurvePart, Plan } from '../api/types';
import { curvePath } from '../seam/curve';
import { commonLevel, standing } from './compare';

/** The lines to cut of several makes over one another, each as far from the middle as its garment is wide there. */
const props = defineProps<{ plans: Plan[]; names: string[] }>();

const WIDTH = 340;
const HEIGHT = 420;
const EDGE = 50;
/** Names stand one below the other: lines may begin in one place. */
const NAME_PX = 14;
const dashes = ['', '9 5', '2 4'];

const level = computed(() => commonLevel(props.plans));
const lines = computed(() => {
    const at = level.value;
    if (at === null) return [];
    const placed = props.plans.map((plan) => {
        const stands = standing(plan, at) ?? { depth: 0, out: 0 };
        const moved = (part: CurvePart): CurvePart => ({
            ...part,
            top_nm: part.top_nm - stands.depth,
            end_nm: part.end_nm - stands.depth,
            out_at_top_nm: part.out_at_top_nm + stands.out,
            out_at_end_nm: part.out_at_end_nm + stands.out,
        });
        return (plan.drawing?.front ?? []).map(moved);
    });
    const all = placed.flat();
    const outs = all.flatMap((part) => [part.out_at_top_nm, part.out_at_end_nm]);
    const [left, right] = [Math.min(...outs), Math.max(...outs)];
    const [top, end] = [
        Math.min(...all.map(({ top_nm }) => top_nm)),
        Math.max(...all.map(({ end_nm }) => end_nm)),
    ];
    const frame = {
        across: (nm: number) => EDGE + ((nm - left) / Math.max(1, right - left)) * (WIDTH - 2 * EDGE),
        down: (nm: number) => EDGE + ((nm - top) / Math.max(1, end - top)) * (HEIGHT - 2 * EDGE),
    };
    return placed.map((parts, i) => ({
        d: curvePath(parts, frame),
        dash: dashes[i],
        x: frame.across(parts[0]?.out_at_top_nm ?? 0),
        name: 'ABC'[i],
    }));
});
</script>

<template>
    <figure v-if="lines.length > 0">
        <svg
            :width="WIDTH"
            :height="HEIGHT"
            role="img"
            :aria-label="`The lines to cut of ${names.join(', ')}, laid over one another at the ${level}`"
        >
            <g v-for="(line, i) in lines" :key="i">
                <path :d="line.d" :stroke-dasharray="line.dash" />
                <text :x="line.x" :y="NAME_PX * (i + 1)">{{ line.name }}</text>
            </g>
        </svg>
        <figcaption class="hint">
            Laid over one another at the {{ level }}, each a quarter of its finished girth from the middle;
            sideways drawn wider than true.
        </figcaption>
    </figure>
    <p v-else class="hint">
        These can’t be laid over one another: no level has a line and a finished measure in all of them.
    </p>
</template>

<style scoped>
figure {
    margin: 0;
}
svg {
    max-width: 100%;
    background: var(--paper);
    border: 1px solid var(--rule);
}
path {
    fill: none;
    stroke: var(--cut);
    stroke-width: 2.5;
}
text {
    font-size: 15px;
    font-weight: 750;
    text-anchor: middle;
    fill: var(--ink);
}
</style>
