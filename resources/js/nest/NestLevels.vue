<script setup lang="ts">
/** The heights of waist and hip across an upright drawing. */
defineProps<{
    waist: number | undefined;
    hip: number | undefined;
    dot: number;
    view: { x: number; width: number };
}>();
</script>

<template>
    <template v-for="(height, name) in { waist, hip }" :key="name">
        <g v-if="height !== undefined">
            <line
                :x1="view.x"
                :x2="view.x + view.width"
                :y1="height"
                :y2="height"
                :stroke-width="1.4 * dot"
                :stroke-dasharray="`${8 * dot} ${5 * dot}`"
            />
            <text :x="view.x + 6 * dot" :y="height - 5 * dot" :font-size="15 * dot">{{ name }}</text>
        </g>
    </template>
</template>

<style scoped>
line {
    stroke: var(--body);
}
text {
    fill: var(--body);
}
</style>
