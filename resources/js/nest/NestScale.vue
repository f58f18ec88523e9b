<script setup lang="ts">
import Button from 'primevue/button';
import type { Nest } from '../api/types';
import TextField from '../ui/TextField.vue';

/** Whether the drawing is as large as the pattern, and how it is made so. */
const props = defineProps<{ hasSize: boolean; scale: Nest['scale']; isSaidTrue: boolean }>();
const knownLength = defineModel<string>({ required: true });
const emit = defineEmits<{ byLine: []; make: [by: number]; leave: [] }>();

const percent = (): string => String(Math.round((props.scale?.seems ?? 1) * 1000) / 10);
</script>

<template>
    <section v-if="!isSaidTrue && scale?.seems" class="notice" role="alert">
        <p>
            This drawing seems to be <strong>{{ percent() }} %</strong> of true size. No line is drawn on it
            until that is known.
        </p>
        <ul>
            <li v-for="one in scale.says" :key="one">{{ one }}</li>
        </ul>
        <div class="inline acts">
            <Button
                type="button"
                size="small"
                label="Make it true"
                @click="emit('make', 1 / (scale.seems ?? 1))"
            />
            <Button type="button" size="small" text label="It is true as it is" @click="emit('leave')" />
        </div>
    </section>
    <section v-else-if="!hasSize && !isSaidTrue" class="notice">
        <p>The file doesn’t say how large it is. Give the length of a line in it below.</p>
        <Button type="button" size="small" text label="It is of true size" @click="emit('leave')" />
    </section>
    <section v-else-if="scale && scale.says.length > 0">
        <p class="hint">Of true size, except:</p>
        <ul class="hint">
            <li v-for="one in scale.says" :key="one">{{ one }}</li>
        </ul>
    </section>
    <details :open="!hasSize && !isSaidTrue">
        <summary>Give it its size by the length of a line</summary>
        <div class="inline">
            <TextField v-model="knownLength" class="narrow" label="Length between two corners, cm" />
            <Button type="button" size="small" label="Click the line" @click="emit('byLine')" />
        </div>
    </details>
</template>
