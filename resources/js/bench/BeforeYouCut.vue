<script setup lang="ts">
import { computed } from 'vue';
import type { Make, Plan } from '../api/types';
import CautionsInShort from './CautionsInShort.vue';

/** All cautions, those that stop a cut first, and why a level is cut in another size than it would pick. */
const props = defineProps<{ plan: Plan; make: Make }>();
const emit = defineEmits<{ otherWays: [] }>();
const whys = computed(() =>
    props.plan.levels.flatMap(({ level, why }) => (why === null ? [] : [{ level, why }])),
);
const counted = computed(() => {
    const stops = props.plan.cautions.filter((one) => one.stops).length;
    const minds = props.plan.cautions.length - stops;
    return [stops > 0 ? `${stops} to settle` : '', minds > 0 ? `${minds} to mind` : '']
        .filter((one) => one !== '')
        .join(', ');
});
const frame = computed(() => props.plan.levels.find(({ level }) => level === 'bust')?.size ?? null);
/** Told of what the pattern lists, and of nothing else. */
const hasSleeve = computed(() => props.plan.pieces.some(({ side }) => side === 'sleeve'));
</script>

<template>
    <section class="worth" aria-labelledby="before-you-cut">
        <h2 id="before-you-cut">
            Before you cut<template v-if="counted">: {{ counted }}</template>
        </h2>
        <CautionsInShort :cautions="plan.cautions" :make="make" @other-ways="emit('otherWays')" />
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
.worth > ul {
    display: grid;
    gap: 5px;
    margin-top: 6px;
    line-height: 1.35;
}
li.why {
    color: var(--quiet);
}
</style>
