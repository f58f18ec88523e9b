<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '../api/types';
import CautionList from '../paper/CautionList.vue';

/** All cautions, those that stop a cut first, and why a level is cut in another size than it would pick. */
const props = defineProps<{ plan: Plan }>();
const whys = computed(() =>
    props.plan.levels.flatMap(({ level, why }) => (why === null ? [] : [{ level, why }])),
);
const frame = computed(() => props.plan.levels.find(({ level }) => level === 'bust')?.size ?? null);
/** Told of what the pattern lists, and of nothing else. */
const hasSleeve = computed(() => props.plan.pieces.some(({ side }) => side === 'sleeve'));
</script>

<template>
    <section class="worth" aria-labelledby="before-you-cut">
        <h2 id="before-you-cut">Before you cut</h2>
        <CautionList :cautions="plan.cautions" />
        <ul>
            <li v-for="one in whys" :key="one.level" class="why">{{ one.why }}</li>
            <li v-if="frame" class="why">
                Neck, shoulder and armhole stay in {{ frame
                }}{{ hasSleeve ? ', and the sleeve’s head' : '' }}.
            </li>
        </ul>
    </section>
</template>

<style scoped>
.worth {
    font-size: 14px;
}
ul {
    display: grid;
    gap: 5px;
    margin-top: 6px;
    line-height: 1.35;
}
li.why {
    color: var(--quiet);
}
</style>
