<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '../api/types';

/** All cautions, those that stop a cut first, and why a level is cut in another size than it would pick. */
const props = defineProps<{ plan: Plan }>();
const whys = computed(() =>
    props.plan.levels.flatMap(({ level, why }) => (why === null ? [] : [{ level, why }])),
);
const frame = computed(() => props.plan.levels.find(({ level }) => level === 'bust')?.size ?? null);
</script>

<template>
    <section class="worth" aria-labelledby="before-you-cut">
        <h2 id="before-you-cut">Before you cut</h2>
        <ul>
            <li
                v-for="caution in plan.cautions"
                :key="`${caution.code} ${caution.level}`"
                :class="{ stops: caution.stops }"
            >
                {{ caution.text }}
            </li>
            <li v-for="one in whys" :key="one.level" class="why">{{ one.why }}</li>
            <li v-if="frame" class="why">Neck, shoulder, armhole and sleeve cap stay in {{ frame }}.</li>
        </ul>
    </section>
</template>

<style scoped>
ul {
    display: grid;
    gap: 5px;
    margin-top: 6px;
    font-size: 14px;
    line-height: 1.35;
}
li {
    position: relative;
    padding-left: 16px;
}
li::before {
    content: '';
    position: absolute;
    left: 0;
    top: 6px;
    width: 8px;
    height: 8px;
    border: 2px solid var(--body-mark);
}
li.stops::before {
    background: var(--cut);
    border-color: var(--cut);
}
li.why {
    color: var(--quiet);
}
li.why::before {
    display: none;
}
</style>
