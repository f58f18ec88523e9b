<script setup lang="ts">
import { ref, useId, watch } from 'vue';
import type { Unit } from '../api/types';
import TypedInput from '../ui/TypedInput.vue';

/** Says what a real tape reads at the two pins, or that the picture leans. */
const props = defineProps<{
    unit: Unit;
    pins: { across: number; down: number };
    isWrong: boolean;
    isMeasured: boolean;
    leans: boolean;
}>();
const isCornered = defineModel<boolean>('cornered', { required: true });
const emit = defineEmits<{ read: [across: number, down: number]; straighten: []; done: [] }>();

const id = useId();
const meant = (mm: number): string => String(Math.round(mm / (props.unit === 'cm' ? 10 : 25.4)));
const across = ref('');
const down = ref('');
/** What is typed is what the pins are once the scale is set. */
function begin(): void {
    [across.value, down.value] = [meant(props.pins.across), meant(props.pins.down)];
}
begin();
watch(() => props.pins, begin);

const number = (typed: string): number => Number(typed.replace(',', '.'));

function set(): void {
    emit('read', number(across.value), number(down.value));
    begin();
}
</script>

<template>
    <aside class="tray" aria-label="Setting the scale">
        <template v-if="!isCornered">
            <h2>Hold your tape against the two tapes</h2>
            <p>Zero on zero. Drag each pin to where your tape reads the same, or say what it reads there:</p>
            <form class="reads" novalidate @submit.prevent="set">
                <label :for="`${id}-across`">at the pin on top</label>
                <TypedInput
                    :id="`${id}-across`"
                    :value="across"
                    inputmode="decimal"
                    @typed="across = $event"
                />
                <span>{{ unit }}</span>
                <label :for="`${id}-down`">at the pin below</label>
                <TypedInput :id="`${id}-down`" :value="down" inputmode="decimal" @typed="down = $event" />
                <span>{{ unit }}</span>
                <button type="submit">My tape reads this</button>
            </form>
            <p v-if="isWrong" class="off" role="alert">No tape can read that there. Say what yours reads.</p>
        </template>
        <template v-else>
            <h2>Drag the corners</h2>
            <p>
                Each to the corner of {{ meant(pins.across) }} × {{ meant(pins.down) }} {{ unit }} on your
                mat: the picture is bent until it lies square.
            </p>
            <button v-if="leans" type="button" @click="emit('straighten')">As it was</button>
        </template>
        <section>
            <button type="button" :aria-pressed="isCornered" @click="isCornered = !isCornered">
                The picture leans
            </button>
            <button v-if="isMeasured" type="button" class="main" @click="emit('done')">
                It is true <kbd>T</kbd>
            </button>
            <button v-else type="button" @click="emit('done')">Look at it unmeasured <kbd>T</kbd></button>
        </section>
        <p v-if="!isMeasured">
            It can be called true once a pin was dragged, or you have said what your tape reads.
        </p>
    </aside>
</template>

<style scoped>
.reads {
    display: grid;
    grid-template-columns: auto 72px auto;
    gap: 6px 8px;
    align-items: center;
}
.reads button {
    grid-column: 1 / -1;
}
</style>
