<script setup lang="ts">
import { computed } from 'vue';
import type { Unit } from '../api/types';
import type { Calibration } from './calibration';
import TapeRule from './TapeRule.vue';
import { ZERO } from './useMat';

/** A tape along the top of the picture and one down its side, each with a pin that a real tape is held against. */
const props = defineProps<{ calibration: Calibration; pins: { across: number; down: number }; unit: Unit }>();
const emit = defineEmits<{ hold: [event: PointerEvent, takes: 'across' | 'down'] }>();

const unitMm = computed(() => (props.unit === 'cm' ? 10 : 25.4));
const figure = (mm: number): number => Math.round(mm / unitMm.value);
const rules = computed(() =>
    (['across', 'down'] as const).map((way) => {
        const perMm = props.calibration[way];
        const at = ZERO + props.pins[way] * perMm;
        return {
            way,
            perMm,
            pin: way === 'across' ? { x: at, y: ZERO } : { x: ZERO, y: at },
            words: `${figure(props.pins[way])} ${props.unit}`,
        };
    }),
);
</script>

<template>
    <g class="mat-rules">
        <g v-for="{ way, perMm, pin, words } in rules" :key="way">
            <TapeRule :way="way" :per-mm="perMm" :unit-mm="unitMm" :long-mm="pins[way]" :from="ZERO" />
            <g
                class="pin"
                :class="way"
                :transform="`translate(${pin.x} ${pin.y})`"
                @pointerdown.stop.prevent="emit('hold', $event, way)"
            >
                <path :d="way === 'across' ? 'M0 -30V30' : 'M-30 0H30'" />
                <circle r="15" />
                <text
                    :x="way === 'across' ? -24 : 26"
                    :y="way === 'across' ? 52 : 6"
                    :text-anchor="way === 'across' ? 'end' : 'start'"
                >
                    {{ words }}
                </text>
            </g>
        </g>
    </g>
</template>

<style scoped>
.pin {
    cursor: ew-resize;
    touch-action: none;
}
.pin.down {
    cursor: ns-resize;
}
.pin path {
    stroke: var(--line-cut);
    stroke-width: 2.5;
}
.pin circle {
    fill: var(--ground);
    stroke: var(--line-cut);
    stroke-width: 4;
}
.pin text {
    fill: currentcolor;
    font-size: 22px;
    font-weight: 700;
}
</style>
