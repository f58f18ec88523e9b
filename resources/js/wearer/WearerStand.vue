<script setup lang="ts">
import { computed } from 'vue';
import type { Point, PointHistory, WearerPage } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';
import Measure from '../ui/Measure.vue';
import { day } from '../measure/age';
import { dots } from './chart';
import { onStand } from './onStand';

/** The dress stand with the newest figures on it, and beside each how it went from card to card. */
const props = defineProps<{
    guide: readonly Point[];
    card: WearerPage['cards'][number];
    histories: readonly PointHistory[];
}>();
const session = useSession();

const LEFT = 140;
const WIDE = 90;
const HIGH = 20;
const placed = computed(() => onStand(props.guide, props.card.measures, props.histories));
const stand = computed(() => props.guide.find(({ code }) => code === 'waist')?.stand ?? null);

const line = (history: PointHistory): string =>
    dots(history, WIDE, HIGH)
        .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
        .join(' ');
function change(history: PointHistory): string {
    const first = history.days.at(0) ?? '';
    const by = (history.length_nm.at(-1) ?? 0) - (history.length_nm.at(0) ?? 0);
    return by === 0
        ? `as on ${day(first)}`
        : `${figureText(by, session.unit, { signed: true })} since ${day(first)}`;
}
const told = computed(() =>
    placed.value.girths.map(({ name, nm }) => `${name} ${figureText(nm, session.unit)}`).join(', '),
);
</script>

<template>
    <figure class="wearer-stand">
        <svg v-if="stand" viewBox="0 8 560 412" role="img" :aria-label="`On a dress stand: ${told}`">
            <g :transform="`translate(${LEFT} 0)`">
                <path v-if="stand.pole" class="pole" :d="stand.pole" />
                <path class="cloth" :d="stand.outline" />
            </g>
            <g v-for="girth in placed.girths" :key="girth.code">
                <g :transform="`translate(${LEFT} 0)`"><path class="tape-line" :d="girth.tape" /></g>
                <path class="lead" :d="`M${LEFT + 208} ${girth.y}L${LEFT + 240} ${girth.words}`" />
                <text class="figure" :x="LEFT + 246" :y="girth.words + 6">
                    {{ figureText(girth.nm, session.unit) }}
                </text>
                <text class="name" :x="LEFT + 334" :y="girth.words + 5">{{ girth.name.toLowerCase() }}</text>
                <g v-if="girth.history" :transform="`translate(8 ${girth.words - 14})`">
                    <polyline :points="line(girth.history)" />
                    <text class="since" y="30">{{ change(girth.history) }}</text>
                </g>
            </g>
        </svg>
        <figcaption v-if="placed.others.length > 0">
            <span v-for="{ code, name, nm } in placed.others" :key="code"
                >{{ name.toLowerCase() }} <b><Measure :nm="nm" /></b
            ></span>
        </figcaption>
    </figure>
</template>

<style scoped>
.wearer-stand {
    margin: 0;
}
svg {
    display: block;
    width: 100%;
}
.cloth {
    fill: var(--raise);
    stroke: var(--ink);
    stroke-width: 1.5;
}
.pole {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 3;
}
.tape-line {
    fill: none;
    stroke: var(--body-mark);
    stroke-width: 4;
}
.lead {
    stroke: var(--rule);
}
.figure {
    fill: var(--body);
    font-size: 18px;
    font-weight: 700;
}
.name,
.since {
    fill: var(--quiet);
    font-size: 13px;
}
.since {
    font-size: 11.5px;
}
polyline {
    fill: none;
    stroke: var(--quiet);
    stroke-width: 1.6;
}
figcaption {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    font-size: 14px;
    color: var(--quiet);
}
figcaption b {
    color: var(--ink);
}
</style>
