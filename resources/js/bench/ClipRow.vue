<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { LevelName, Plan } from '../api/types';
import GirthTape from './GirthTape.vue';
import { useSizeName } from '../ui/sizeName';
import { tapeScales } from './scale';

/** The tapes with their clips side by side, where what follows them is drawn below. */
const props = defineProps<{ plan: Plan }>();
const emit = defineEmits<{ start: []; clip: [level: LevelName, size: string] }>();

const nameOf = useSizeName();
const GAP_PX = 18;
const row = ref<HTMLElement | null>(null);
const { width } = useElementSize(row);
const isNarrow = computed(() => width.value < 700);
const each = computed(() => (isNarrow.value ? width.value : (width.value - 2 * GAP_PX) / 3));
const scales = computed(() => tapeScales(props.plan.levels, each.value));
</script>

<template>
    <div
        ref="row"
        class="clip-row"
        :style="{ gap: `${GAP_PX}px`, gridTemplateColumns: `repeat(${isNarrow ? 1 : 3}, minmax(0, 1fr))` }"
    >
        <section v-for="(level, i) in plan.levels" :key="level.level" :aria-label="level.level">
            <h2>
                {{ level.level }} <b>{{ nameOf(level.size) }}</b>
            </h2>
            <GirthTape
                :level="level"
                :across="scales.across[i]!"
                :width="each"
                @start="emit('start')"
                @choose="emit('clip', level.level, $event)"
            />
        </section>
    </div>
</template>

<style scoped>
.clip-row {
    display: grid;
    min-width: 0;
}
h2 {
    margin: 0;
    font-size: 15px;
}
h2 b {
    color: var(--cut);
}
</style>
