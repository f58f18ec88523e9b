<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '../api/types';

/** What is cut, in one sentence: where it begins with the sizes in a row, those stand as they do on the clips. */
const props = defineProps<{ plan: Plan | null }>();

const told = computed(() => {
    const headline = props.plan?.headline ?? 'No plan yet';
    const sizes = (props.plan?.levels ?? []).flatMap(({ size }) => (size === null ? [] : [size]));
    const row = sizes.join(', ');
    return sizes.length === 3 && new Set(sizes).size > 1 && headline.startsWith(row)
        ? { sizes, rest: headline.slice(row.length).replace(/^[:.]\s*/, '') }
        : { sizes: [], rest: headline };
});
/** What would wrap at full size is set smaller: the bench below it stays where it is. */
const LONG = 92;
const LONG_ON_A_TABLET = 58;
const fits = computed(() => {
    const letters = told.value.rest.length + 5 * told.value.sizes.length;
    return { long: letters > LONG, mid: letters > LONG_ON_A_TABLET };
});
</script>

<template>
    <h1 :class="fits">
        <template v-if="told.sizes.length > 0">
            <span class="sr-only">{{ plan?.headline }}</span>
            <span class="sizes" aria-hidden="true">
                <span v-for="(size, at) in told.sizes" :key="at">{{ size }}</span>
            </span>
            <span aria-hidden="true">{{ told.rest }}</span>
        </template>
        <template v-else>{{ told.rest }}</template>
    </h1>
</template>

<style scoped>
h1 {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    align-items: center;
    /* One line of tags, whatever stands beside them. */
    min-height: 38px;
}
h1.long {
    font-size: 16px;
    line-height: 19px;
}
@media (max-width: 1000px) {
    h1.mid {
        font-size: 16px;
        line-height: 19px;
    }
}
/* On a phone it has four lines, or a row of tags and three, whether it needs them or not. */
@media screen and (max-width: 700px) {
    h1,
    h1.long,
    h1.mid {
        min-height: 98px;
        align-content: start;
        font-size: 17px;
        line-height: 20px;
    }
}
.sizes {
    display: inline-flex;
    gap: 5px;
}
.sizes > span {
    min-width: 40px;
    padding: 1px 8px;
    border-radius: 3px;
    background: var(--cut);
    color: var(--on-cut);
    text-align: center;
}
</style>
