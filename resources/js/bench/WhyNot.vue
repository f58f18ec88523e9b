<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { LevelName, Plan, WhyNot } from '../api/types';
import { useSizeName } from '../ui/sizeName';
import WordChoice from '../ui/WordChoice.vue';
import HeldPopover from '../ui/HeldPopover.vue';

/** Answers for any size at any level why it is not the one that is cut. */
const props = defineProps<{ make: number; plan: Plan }>();

const nameOf = useSizeName();
const panel = ref<InstanceType<typeof HeldPopover> | null>(null);
const answers = ref<WhyNot[]>([]);
const failed = ref<string | null>(null);
const level = ref<LevelName>('bust');
const size = ref('');

const levels = computed(() => props.plan.levels.map(({ level: value }) => ({ value, label: value })));
const sizes = computed(() => props.plan.sizes.map((value) => ({ value, label: nameOf(value) })));
const says = computed(
    () => answers.value.find((one) => one.level === level.value)?.sizes[size.value] ?? null,
);

async function open(event: Event): Promise<void> {
    panel.value?.toggle(event);
    const first = props.plan.levels[0];
    level.value = props.plan.levels.some((one) => one.level === level.value)
        ? level.value
        : (first?.level ?? 'bust');
    if (!props.plan.sizes.includes(size.value)) size.value = first?.chart?.size ?? props.plan.sizes[0] ?? '';
    try {
        const params = { path: { make: props.make } };
        answers.value = await api.GET('/api/makes/{make}/why-not', { params }).then(body);
        failed.value = null;
    } catch (error) {
        failed.value = asRefused(error).message;
    }
}
</script>

<template>
    <button type="button" class="link ask" @click="open">Why not another size?</button>
    <HeldPopover ref="panel" label="Why not another size">
        <div class="more-panel" role="group" aria-label="Why not another size?">
            <p>
                <WordChoice v-model="level" label="At the" :options="levels" />
                <WordChoice v-model="size" label="why not" :options="sizes" />
            </p>
            <p v-if="failed" class="fault" role="alert">{{ failed }}</p>
            <p v-else aria-live="polite">{{ says ?? '' }}</p>
        </div>
    </HeldPopover>
</template>

<style scoped>
.more-panel {
    display: grid;
    gap: 10px;
    width: 300px;
    font-size: 14.5px;
    line-height: 1.4;
}
.more-panel p {
    display: flex;
    gap: 12px;
}
.ask {
    font-size: 13.5px;
}
</style>
