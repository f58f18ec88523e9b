<script setup lang="ts">
import Checkbox from 'primevue/checkbox';
import type { Range } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { orNull } from './lists';

const props = defineProps<{
    /** All sizes of the pattern, in their order. */
    sizes: string[];
    /** Which envelope it is, from 0. */
    index: number;
    faults: Map<string, string>;
}>();
const range = defineModel<Range>({ required: true });
const emit = defineEmits<{ takeOut: [] }>();

function change(part: Partial<Range>): void {
    range.value = { ...range.value, ...part };
}

function toggle(size: string, on: boolean): void {
    const next = on ? [...range.value.sizes, size] : range.value.sizes.filter((one) => one !== size);
    change({ sizes: props.sizes.filter((one) => next.includes(one)) });
}

const fault = (key = ''): string | undefined => props.faults.get(`pattern.ranges[${props.index}]${key}`);
</script>

<template>
    <tr>
        <td>
            <CellInput
                wide
                :value="range.name"
                :label="`Envelope ${index + 1}, name`"
                :fault="fault('.name') ?? fault()"
                @change="change({ name: $event })"
            />
        </td>
        <td>
            <CellInput
                wide
                :value="range.draft"
                :label="`${range.name}, size range`"
                @change="change({ draft: orNull($event) })"
            />
        </td>
        <td>
            <CellInput
                :value="range.drafted_cup"
                :label="`${range.name}, drafted cup`"
                @change="change({ drafted_cup: orNull($event) })"
            />
        </td>
        <td>
            <CellInput
                :value="range.height"
                :label="`${range.name}, height it is drafted for`"
                :fault="fault('.height')"
                @change="change({ height: orNull($event) })"
            />
        </td>
        <td>
            <Checkbox
                binary
                :model-value="range.owned ?? true"
                :aria-label="`${range.name} is owned`"
                @update:model-value="change({ owned: $event })"
            />
        </td>
        <td class="chips">
            <label v-for="size in sizes" :key="size">
                <input
                    type="checkbox"
                    :checked="range.sizes.includes(size)"
                    :aria-label="`Size ${size} is in ${range.name}`"
                    @change="toggle(size, ($event.target as HTMLInputElement).checked)"
                />{{ size }}
            </label>
            <p v-if="fault('.sizes')" class="fault">{{ fault('.sizes') }}</p>
        </td>
        <td>
            <button
                type="button"
                class="plain"
                :aria-label="`Take out ${range.name}`"
                @click="emit('takeOut')"
            >
                ×
            </button>
        </td>
    </tr>
</template>
