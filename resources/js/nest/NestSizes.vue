<script setup lang="ts">
import Button from 'primevue/button';

/** The pattern's sizes, and which has its line. */
defineProps<{ sizes: readonly string[]; lines: Readonly<Record<string, string>>; isHidden: boolean }>();
const size = defineModel<string>({ required: true });
const emit = defineEmits<{ mark: []; toggle: [] }>();
</script>

<template>
    <section aria-labelledby="sizes-title">
        <h2 id="sizes-title">Sizes</h2>
        <ul class="sizes">
            <li v-for="one in sizes" :key="one">
                <button
                    type="button"
                    class="toggle"
                    :aria-pressed="size === one"
                    :class="{ named: lines[one] !== undefined }"
                    @click="size = one"
                >
                    {{ one }}{{ lines[one] === undefined ? ' ?' : '' }}
                </button>
            </li>
        </ul>
        <div class="inline">
            <Button
                type="button"
                size="small"
                outlined
                :label="`Click the line of ${size}`"
                @click="emit('mark')"
            />
            <Button
                type="button"
                size="small"
                text
                :label="isHidden ? `Show ${size}` : `Hide ${size}`"
                @click="emit('toggle')"
            />
        </div>
    </section>
</template>
