<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { LevelName, Plan } from '../api/types';
import SeamDrawing from '../seam/SeamDrawing.vue';
import StationTable from '../seam/StationTable.vue';
import { rowPlaces, stretches } from '../seam/stations';
import GirthTape from './GirthTape.vue';
import LengthTape from './LengthTape.vue';
import { heights } from './heights';
import { tapeScales } from './scale';

const props = defineProps<{ plan: Plan }>();
const emit = defineEmits<{ start: []; clip: [level: LevelName, size: string] }>();

const HEIGHT = 472;
const FIRST = 72;
const LAST = 392;
const ROW = 19;
const SEAM_PX = 336;
const HALF_TAPE = 66;

const tapes = ref<HTMLElement | null>(null);
const { width } = useElementSize(tapes);
const page = computed(() => heights(props.plan, FIRST, LAST));
const scales = computed(() => tapeScales(props.plan.levels, width.value));
const rows = computed(() => stretches(props.plan.stations));
const places = computed(() =>
    rowPlaces(
        rows.value.map(({ station }) => page.value.depth(station.depth_nm)),
        ROW,
        HEIGHT - ROW,
    ),
);
</script>

<template>
    <div class="bench-top">
        <LengthTape :plan="plan" :page="page" :height="HEIGHT" />
        <div class="level-names" :style="{ height: `${HEIGHT}px` }">
            <div
                v-for="level in plan.levels"
                :key="level.level"
                :style="{ top: `${page.level(level.level) - 16}px` }"
            >
                <b>{{ level.level }}</b>
                <small>{{ level.weight }}</small>
            </div>
        </div>
        <div ref="tapes" class="tapes" :style="{ height: `${HEIGHT}px` }">
            <div
                class="plumb"
                :style="{
                    left: `${scales.plumb}px`,
                    top: `${FIRST - 50}px`,
                    height: `${LAST - FIRST + 76}px`,
                }"
            />
            <div
                v-for="(level, i) in plan.levels"
                :key="level.level"
                class="tape-place"
                :style="{ top: `${page.level(level.level) - HALF_TAPE}px` }"
            >
                <GirthTape
                    :level="level"
                    :across="scales.across[i]!"
                    :width="width"
                    @start="emit('start')"
                    @choose="emit('clip', level.level, $event)"
                />
            </div>
        </div>
        <div class="seam-side">
            <template v-if="plan.drawing && page.trueToScale">
                <SeamDrawing
                    :plan="plan"
                    :drawing="plan.drawing"
                    :page="page"
                    :rows="rows"
                    :width="SEAM_PX"
                    :height="HEIGHT"
                    :places="places"
                />
                <StationTable :rows="rows" :places="places" :row-height="ROW" />
            </template>
            <template v-else>
                <p class="hint seam-hint">
                    <slot name="no-seam" />
                </p>
                <StationTable v-if="rows.length > 0" :rows="rows" :row-height="ROW" />
            </template>
        </div>
    </div>
</template>
