<script setup lang="ts">
import type { Choices } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';

const props = defineProps<{ choices: Choices; between: 'up' | 'down' | 'nearest' }>();
const emit = defineEmits<{ change: [choices: Choices] }>();

const eases = [
    { value: 'chart', label: 'what the chart says' },
    { value: 'drafted', label: 'the drafted ease' },
    { value: 'liked', label: 'the ease you like' },
] as const;
const betweens = [
    { value: 'up', label: 'go up' },
    { value: 'down', label: 'go down' },
    { value: 'nearest', label: 'take the nearest' },
] as const;
const blends = [
    { value: 'curved', label: 'curved' },
    { value: 'straight', label: 'straight' },
] as const;
const picks = [
    { value: 'best', label: 'the planner' },
    { value: 'level', label: 'each level' },
] as const;
const change = (part: Partial<Choices>): void => emit('change', { ...props.choices, ...part });
</script>

<template>
    <div class="choices">
        <ChoiceField
            label="Picked by"
            :options="picks"
            :model-value="choices.pick ?? 'best'"
            @update:model-value="change({ pick: $event ?? 'best' })"
        />
        <ChoiceField
            label="Size by"
            :options="eases"
            :model-value="choices.ease ?? 'drafted'"
            @update:model-value="change({ ease: $event ?? 'drafted' })"
        />
        <ChoiceField
            label="Between sizes"
            :options="betweens"
            :model-value="choices.between ?? between"
            @update:model-value="change({ between: $event ?? between })"
        />
        <ChoiceField
            label="Blend"
            :options="blends"
            :model-value="choices.blend ?? 'curved'"
            @update:model-value="change({ blend: $event ?? 'curved' })"
        />
    </div>
</template>
