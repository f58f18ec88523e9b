<script setup lang="ts" generic="Name extends string">
/** Doors in a row, each with its state in a few words; one stands open at a time. */
defineProps<{
    label: string;
    doors: readonly { name: Name; words: string; state: string; toMend?: boolean }[];
}>();
/** What stands behind a door of its own page is put in as a link of the class `door`. */
defineSlots<{ default?: () => unknown }>();
const open = defineModel<Name | null>({ required: true });
</script>

<template>
    <div class="doors" role="group" :aria-label="label">
        <button
            v-for="{ name, words, state, toMend } in doors"
            :key="name"
            type="button"
            class="door"
            :class="{ 'to-mend': toMend }"
            :aria-expanded="open === name"
            @click="open = open === name ? null : name"
        >
            <b>{{ words }}</b> <span>{{ state }}</span>
        </button>
        <slot />
    </div>
</template>

<style scoped>
.doors {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(170px, 100%), 1fr));
    gap: 10px;
}
.door,
.doors > :slotted(a) {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-content: center;
    align-items: center;
    gap: 0 10px;
    min-height: 38px;
    padding: 6px 12px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
    color: var(--ink);
    font: inherit;
    font-size: 14px;
    text-align: left;
    cursor: pointer;
    text-decoration: none;
}
.door span,
.doors > :slotted(a) span {
    color: var(--quiet);
}
.door.to-mend span {
    color: var(--bad);
    font-weight: 600;
}
.door[aria-expanded='true'] {
    border-color: var(--ink);
    box-shadow: inset 0 -4px 0 var(--cut);
}
@media (pointer: coarse), (max-width: 560px) {
    .door,
    .doors > :slotted(a) {
        min-height: 44px;
    }
}
@media print {
    .doors {
        display: none;
    }
}
</style>
