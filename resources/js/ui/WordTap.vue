<script setup lang="ts">
import { computed, ref } from 'vue';
import HeldPopover from './HeldPopover.vue';
import { meanings, type Meaning } from './meanings';

/** A word whose meaning is behind a tap, at its first place on a screen. */
const props = defineProps<{ word: keyof typeof meanings }>();
const panel = ref<InstanceType<typeof HeldPopover> | null>(null);
const meaning = computed<Meaning>(() => meanings[props.word]);
</script>

<template>
    <span class="word-tap">
        <button
            type="button"
            class="tap"
            aria-haspopup="dialog"
            title="What it means"
            @click.stop="panel?.toggle($event)"
        >
            <slot />
        </button>
        <HeldPopover ref="panel" label="What it means">
            <div class="meaning" tabindex="-1">
                <svg viewBox="0 0 120 60" aria-hidden="true">
                    <path v-if="meaning.paper" class="paper" :d="meaning.paper" />
                    <path v-if="meaning.body" class="body" :d="meaning.body" />
                    <path v-if="meaning.cut" class="cut" :d="meaning.cut" />
                </svg>
                <p>{{ meaning.sentence }}</p>
                <button type="button" class="link" @click="panel?.hide()">Close</button>
            </div>
        </HeldPopover>
    </span>
</template>

<style scoped>
.tap {
    min-height: 24px;
    /* As high as a finger asks, and no higher than the line it stands in. */
    margin-block: -5px;
    padding: 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: inherit;
    text-decoration: underline dotted 1.5px;
    text-underline-offset: 3px;
    cursor: help;
}
.meaning {
    display: grid;
    gap: 8px;
    justify-items: start;
    width: 260px;
    font-size: 14.5px;
    line-height: 1.4;
}
.meaning p {
    margin: 0;
}
svg {
    width: 160px;
    height: 80px;
}
path {
    fill: none;
    stroke-width: 1.6;
}
.paper {
    stroke: var(--chart);
}
.body {
    stroke: var(--body);
}
.cut {
    stroke: var(--cut);
    stroke-width: 2.4;
}
@media print {
    .tap {
        text-decoration: none;
    }
}
</style>
