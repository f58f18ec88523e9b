<script setup lang="ts">
import Button from 'primevue/button';

/** The pattern's sizes, and which has its line. */
defineProps<{
    sizes: readonly string[];
    lines: Readonly<Record<string, string>>;
    isHidden: boolean;
    /** Whether lines of all sizes are proposed, to be taken or not. */
    proposed: boolean;
    /** Why none could be. */
    unproposed: string;
}>();
const size = defineModel<string>({ required: true });
const emit = defineEmits<{ mark: []; both: []; accept: []; refuse: []; toggle: [] }>();
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
        <p v-if="unproposed" class="fault" role="alert">{{ unproposed }}</p>
        <div v-if="proposed" class="proposed">
            <p role="status">
                The lines from {{ sizes[0] }} to {{ sizes.at(-1) }}, in their order, named where you crossed
                them. Is that right?
            </p>
            <div class="inline acts">
                <Button type="button" size="small" label="Yes, take them" @click="emit('accept')" />
                <Button type="button" size="small" text label="No" @click="emit('refuse')" />
            </div>
        </div>
        <div class="inline acts">
            <Button
                v-if="sizes.length > 2 && sizes.some((one) => lines[one] === undefined)"
                type="button"
                size="small"
                label="Click the innermost, then the outermost"
                @click="emit('both')"
            />
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
