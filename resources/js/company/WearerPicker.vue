<script setup lang="ts">
import { computed, ref } from 'vue';
import type { CompanyHead } from '../api/types';
import HeldPopover from '../ui/HeldPopover.vue';

/** Who is on the sheet: all, or those who are picked. */
const props = defineProps<{ head: CompanyHead }>();
const emit = defineEmits<{ pick: [wearers: number[] | null] }>();
const panel = ref<InstanceType<typeof HeldPopover> | null>(null);

const picked = computed(() => props.head.picked ?? props.head.wearers.map(({ id }) => id));
const isOn = (wearer: number): boolean => picked.value.includes(wearer);
const says = computed(() =>
    props.head.picked === null
        ? `all ${props.head.wearers.length}`
        : `${picked.value.length} of ${props.head.wearers.length}`,
);

function turn(wearer: number): void {
    const now = isOn(wearer) ? picked.value.filter((one) => one !== wearer) : [...picked.value, wearer];
    emit('pick', now.length === props.head.wearers.length ? null : now);
}
</script>

<template>
    <span>
        for <button type="button" class="link who" @click="panel?.toggle($event)">{{ says }}</button>
        <HeldPopover ref="panel" label="Who is on the sheet">
            <div class="picker" role="group" aria-label="Who is on the sheet">
                <p>
                    <button type="button" class="link" @click="emit('pick', null)">all</button>
                    <button type="button" class="link" @click="emit('pick', [])">nobody</button>
                </p>
                <label v-for="wearer in head.wearers" :key="wearer.id">
                    <input type="checkbox" :checked="isOn(wearer.id)" @change="turn(wearer.id)" />{{
                        wearer.name
                    }}
                </label>
            </div>
        </HeldPopover>
    </span>
</template>

<style scoped>
.who {
    font-size: 15px;
    font-weight: 600;
}
.picker {
    display: grid;
    gap: 2px;
    max-height: 60vh;
    overflow-y: auto;
}
</style>
