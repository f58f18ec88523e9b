<script setup lang="ts">
import { ref, useId } from 'vue';
import type { Unit } from '../api/types';
import TypedInput from '../ui/TypedInput.vue';
import type { Layer } from './layers';
import { flipped, turned, weighed, type MatView } from './view';

const props = defineProps<{ unit: Unit; layers: Layer[]; hidden: Set<string>; isWrong: boolean }>();
const view = defineModel<MatView>('view', { required: true });
const calibrating = defineModel<boolean>('calibrating', { required: true });
const emit = defineEmits<{
    toggle: [layer: string];
    measure: [across: number, down: number];
    fullScreen: [];
    leave: [];
}>();

const id = useId();
const meant = props.unit === 'cm' ? '10' : '4';
const across = ref(meant);
const down = ref(meant);

const number = (typed: string): number => Number(typed.replace(',', '.'));

/** Measured once, the square is drawn anew: what is typed then is what it should be. */
function apply(): void {
    emit('measure', number(across.value), number(down.value));
    if (number(across.value) > 0 && number(down.value) > 0) [across.value, down.value] = [meant, meant];
}
</script>

<template>
    <section class="panel" aria-label="Controls of the projector">
        <template v-if="calibrating">
            <p>
                <b>Measure the square on the mat.</b> Drag its corner until it is {{ meant }} {{ unit }} each
                way, or type what the tape says:
            </p>
            <form class="line" novalidate @submit.prevent="apply">
                <label :for="`${id}-across`">across</label>
                <TypedInput
                    :id="`${id}-across`"
                    :value="across"
                    inputmode="decimal"
                    @typed="across = $event"
                />
                {{ unit }}
                <label :for="`${id}-down`">down</label>
                <TypedInput :id="`${id}-down`" :value="down" inputmode="decimal" @typed="down = $event" />
                {{ unit }}
                <button type="submit">Set</button>
                <button type="button" @click="calibrating = false">Done <kbd>C</kbd></button>
            </form>
            <p v-if="isWrong" class="wrong" role="alert">
                No square on a mat can measure that. Type what the tape says.
            </p>
        </template>
        <div v-else class="line">
            <button type="button" @click="calibrating = true">Calibrate <kbd>C</kbd></button>
            <button type="button" @click="view = turned(view)">Turn <kbd>R</kbd></button>
            <button type="button" :aria-pressed="view.isFlipped" @click="view = flipped(view)">
                Flip <kbd>F</kbd>
            </button>
            <button
                type="button"
                :aria-pressed="!view.isDark"
                @click="view = { ...view, isDark: !view.isDark }"
            >
                Invert <kbd>I</kbd>
            </button>
            <button
                type="button"
                :aria-pressed="view.hasRuler"
                @click="view = { ...view, hasRuler: !view.hasRuler }"
            >
                Metre <kbd>M</kbd>
            </button>
            <button type="button" aria-label="Thinner lines" @click="view = weighed(view, -1)">−</button>
            <span>line × {{ view.weight }}</span>
            <button type="button" aria-label="Thicker lines" @click="view = weighed(view, 1)">+</button>
            <button type="button" @click="emit('fullScreen')">Full screen <kbd>Enter</kbd></button>
            <button type="button" @click="emit('leave')">Leave</button>
            <span class="hint">move with the arrows · <kbd>H</kbd> hides this · <kbd>?</kbd> all keys</span>
        </div>
        <div v-if="!calibrating" class="line">
            <label v-for="layer in layers" :key="layer.name">
                <input
                    type="checkbox"
                    :checked="!hidden.has(layer.name)"
                    @change="emit('toggle', layer.name)"
                />
                {{ layer.words }}
            </label>
        </div>
    </section>
</template>

<style scoped>
.panel {
    position: absolute;
    left: 12px;
    right: 12px;
    bottom: 12px;
    display: grid;
    gap: 6px;
    padding: 10px 14px;
    background: #14233f;
    color: #fff;
    font-size: 14px;
    border: 1px solid #fff;
}
.line {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
}
.panel button {
    min-height: 32px;
    padding: 2px 10px;
    border: 1px solid #fff;
    border-radius: 3px;
    background: none;
    color: #fff;
    font: inherit;
    font-weight: 600;
    cursor: pointer;
}
.panel button[aria-pressed='true'] {
    background: #fff;
    color: #14233f;
}
.panel input[inputmode] {
    width: 70px;
    height: 32px;
    border: 1px solid #fff;
    background: #fff;
    color: #14233f;
    font: inherit;
    text-align: center;
}
.panel label {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    min-height: 28px;
}
.panel kbd {
    font: inherit;
    font-size: 12px;
    font-weight: 400;
    color: inherit;
    background: none;
    border: 0;
    opacity: 0.85;
}
.panel .hint {
    color: #d9dee8;
}
.wrong {
    color: #ffd6d2;
    font-weight: 600;
}
</style>
