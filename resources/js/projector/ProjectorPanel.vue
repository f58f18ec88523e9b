<script setup lang="ts">
import { useId } from 'vue';
import TypedInput from '../ui/TypedInput.vue';
import type { Kept } from '../state/kept';
import type { Layer } from './layers';
import { looks, mirrored, turned, weighed, type Look, type MatView } from './view';

/** What lies beside the mat: how the drawing lies, what of it is seen, whether it is true. */
defineProps<{
    layers: Layer[];
    hidden: Set<string>;
    isScaleOff: boolean;
    isMeasured: boolean;
    kept: Kept | null;
}>();
const view = defineModel<MatView>('view', { required: true });
const emit = defineEmits<{ toggle: [layer: string]; set: []; fullScreen: []; leave: [] }>();

const id = useId();
const words: Record<Look, string> = { paper: 'Paper', night: 'Dark table', plain: 'Ink alone' };

const keeps: Record<Kept, string> = {
    kept: 'Kept on this device until you sign out: it opens again without the network.',
    insecure:
        'It goes on without the network once it is open; to open it so, the address has to begin with https.',
    'not kept': 'It goes on without the network once it is open, but this browser doesn’t keep it.',
};

function turnTo(typed: string): void {
    const degrees = Number(typed.replace(',', '.'));
    if (typed.trim() !== '' && Number.isFinite(degrees))
        view.value = turned({ ...view.value, turn: 0 }, degrees);
}
</script>

<template>
    <aside class="tray" aria-label="Beside the mat">
        <p v-if="!isMeasured" class="off" role="alert">
            Not measured yet: nothing here is true until the tapes are set.
        </p>
        <p v-else-if="isScaleOff" class="off" role="alert">
            Not true any more: the zoom or the screen has changed since the tapes were set.
        </p>
        <section>
            <h2>Scale</h2>
            <button type="button" @click="emit('set')">Set the tapes <kbd>T</kbd></button>
            <button
                type="button"
                :aria-pressed="view.hasRule"
                @click="view = { ...view, hasRule: !view.hasRule }"
            >
                A metre beside it <kbd>B</kbd>
            </button>
        </section>
        <section>
            <h2>How it lies</h2>
            <label :for="`${id}-turn`">turned by</label>
            <TypedInput :id="`${id}-turn`" :value="String(view.turn)" inputmode="decimal" @typed="turnTo" />
            <span>°</span>
            <button type="button" @click="view = turned(view)">A quarter on <kbd>Q</kbd></button>
            <button type="button" :aria-pressed="view.isMirrored" @click="view = mirrored(view)">
                Other side up <kbd>O</kbd>
            </button>
        </section>
        <section>
            <h2>How it looks</h2>
            <button
                v-for="look in looks"
                :key="look"
                type="button"
                :aria-pressed="view.look === look"
                @click="view = { ...view, look }"
            >
                {{ words[look] }}
            </button>
            <button type="button" aria-label="Finer lines" @click="view = weighed(view, -1)">finer</button>
            <button type="button" aria-label="Bolder lines" @click="view = weighed(view, 1)">bolder</button>
        </section>
        <section v-if="layers.length > 0">
            <h2>Shown</h2>
            <label v-for="layer in layers" :key="layer.name" class="layer">
                <input
                    type="checkbox"
                    :checked="!hidden.has(layer.name)"
                    @change="emit('toggle', layer.name)"
                />
                {{ layer.words }}
            </label>
        </section>
        <section>
            <button type="button" @click="emit('fullScreen')">Whole screen <kbd>Enter</kbd></button>
            <button type="button" @click="emit('leave')">Back to the bench</button>
            <p class="hint">Arrows move it. <kbd>W</kbd> puts this away, <kbd>?</kbd> lists all keys.</p>
        </section>
        <p v-if="kept" class="kept">{{ keeps[kept] }}</p>
    </aside>
</template>
