<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Pattern } from '../api/types';

/** Where a piece sits: half a front and half a back, side seams together, from the shoulder to the hem; its seams are the strong lines. */
const props = defineProps<{ piece: Pattern['pieces'][number] }>();
const id = useId();

/** Heights of shoulder, underarm, waist, hip and hem; what lies between them is told by quarters. */
const HEIGHTS = [6, 24, 44, 62, 84];
const height = (at: number): number => {
    const [above, below] = [HEIGHTS[Math.floor(at)] ?? 6, HEIGHTS[Math.ceil(at)] ?? 84];
    return above + (below - above) * (at - Math.floor(at));
};
const HALF = 'M{c} 10Q{n} 12 {n} 6L{s} 9Q{a} 18 {e} 24L{w} 44L{e} 62V84H{c}Z';
const half = (mirror: boolean): string =>
    HALF.replaceAll(/\{(\w)\}/g, (_all, key: string) => {
        const x = { c: 4, n: 11, s: 22, a: 19, e: 26, w: 24 }[key] ?? 0;
        return String(mirror ? 60 - x : x);
    });
const LINES: Record<string, string> = {
    side: 'M26 24L24 44L26 62V84',
    centre: 'M4 10V84',
    neck: 'M4 10Q11 12 11 6',
    shoulder: 'M11 6L22 9',
    armhole: 'M22 9Q19 18 26 24',
    princess: 'M15 8Q13 30 15 84',
    raglan: 'M11 6Q14 18 26 24',
};
const isSleeve = computed(() => props.piece.side === 'sleeve');
const sides = computed(() =>
    (['front', 'back'] as const).filter((side) => props.piece.side === side || props.piece.side === 'both'),
);
const [top, bottom] = [
    computed(() => height(props.piece.reach[0] ?? 0)),
    computed(() => height(props.piece.reach[1] ?? 4)),
];
/** A piece that is all at one height, such as a waistband, is still seen. */
const band = computed(() => ({ y: top.value - 1.5, height: Math.max(4, bottom.value - top.value + 3) }));

const strong = computed(() => {
    const has = (kind: string): boolean => props.piece.seams.includes(kind as never);
    return [
        has('side') && 'side',
        (has('centre_front') || has('centre_back')) && 'centre',
        has('neck') && 'neck',
        has('shoulder') && 'shoulder',
        has('armhole') && 'armhole',
        (has('princess') || has('panel')) && 'princess',
        has('raglan') && 'raglan',
    ].filter((one): one is string => one !== false);
});
const across = computed(() => [
    ...(props.piece.seams.includes('waist') ? [props.piece.reach[0] === 2 ? top.value : bottom.value] : []),
    ...(props.piece.seams.includes('hem') && !isSleeve.value ? [bottom.value] : []),
]);
</script>

<template>
    <svg class="piece-picture" viewBox="0 0 60 90" role="img" :aria-label="piece.line">
        <clipPath :id="id"><rect x="0" width="60" :y="band.y" :height="band.height" /></clipPath>
        <path class="body" :d="half(false)" />
        <path class="body" :d="half(true)" />
        <path v-if="isSleeve" class="piece" d="M21 30Q30 16 39 30L36 66H24Z" />
        <g
            v-for="side in sides"
            :key="side"
            :transform="side === 'back' ? 'matrix(-1 0 0 1 60 0)' : undefined"
        >
            <g :clip-path="`url(#${id})`">
                <path class="piece" :d="half(false)" />
                <path v-for="line in strong" :key="line" class="seam" :d="LINES[line]" />
            </g>
            <path v-for="(y, n) in across" :key="n" class="seam" :d="`M4 ${y}H26`" />
        </g>
        <template v-if="piece.side === 'none' && piece.seams.includes('neck')">
            <path class="seam" :d="LINES.neck" />
            <path class="seam" :d="LINES.neck" transform="matrix(-1 0 0 1 60 0)" />
        </template>
    </svg>
</template>

<style scoped>
.piece-picture {
    width: 54px;
    height: 81px;
    flex: none;
}
.body {
    fill: var(--paper);
    stroke: var(--rule);
}
.piece {
    fill: color-mix(in srgb, var(--garment) 22%, transparent);
    stroke: var(--garment);
}
.seam {
    fill: none;
    stroke: var(--cut);
    stroke-width: 2.2;
}
</style>
