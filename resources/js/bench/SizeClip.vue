<script setup lang="ts">
import { computed } from 'vue';
import type { LevelPlan } from '../api/types';
import { useSizeCalled, useSizeName } from '../ui/sizeName';
import { stepSize } from './scale';

const props = defineProps<{ level: LevelPlan; at: number; describes: string }>();
const emit = defineEmits<{ start: []; choose: [size: string] }>();

const nameOf = useSizeName();
const sizeCalled = useSizeCalled();
const place = computed(() => props.level.notches.findIndex(({ size }) => size === props.level.size));

function press(event: KeyboardEvent): void {
    const sizes = props.level.notches.length;
    const steps = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, Home: -sizes, End: sizes }[
        event.key
    ];
    const isTyped = event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey;
    if (steps === undefined && !(isTyped && /[\p{L}\d]/u.test(event.key))) return;
    event.preventDefault();
    const size = steps === undefined ? typed(event.key) : stepSize(props.level, steps);
    if (size === null || size === props.level.size) return;
    emit('start');
    emit('choose', size);
}

/** Keys further apart than this begin another name. */
const PAUSE_MS = 900;
let letters = '';
let last = 0;

/** The size whose name is typed, key after key, by either of its names. */
function typed(key: string): string | null {
    const now = performance.now();
    letters = now - last > PAUSE_MS ? key : letters + key;
    last = now;
    const found = sizeCalled(letters);
    return props.level.notches.some(({ size }) => size === found) ? found : null;
}
</script>

<template>
    <div
        class="clip"
        :class="{ byhand: level.clipped, follows: level.follows }"
        role="slider"
        tabindex="0"
        :data-level="level.level"
        :aria-label="`${level.level} size`"
        aria-valuemin="0"
        :aria-valuemax="level.notches.length - 1"
        :aria-valuenow="place"
        :aria-valuetext="describes"
        :style="{ transform: `translateX(calc(${at}px - 50%))` }"
        @keydown="press"
    >
        {{ nameOf(level.size) }}
    </div>
</template>

<style scoped>
.clip {
    position: absolute;
    z-index: 1;
    top: 101px;
    left: 0;
    min-width: 38px;
    height: 27px;
    padding: 0 7px;
    line-height: 27px;
    text-align: center;
    font-size: 18px;
    font-weight: 750;
    color: var(--on-cut);
    background: var(--cut);
    border-radius: 3px;
    cursor: grab;
}
/* A finger has more of it than the eye. */
.clip::before {
    content: '';
    position: absolute;
    inset: -11px -4px -10px;
}
.clip.follows {
    color: var(--cut);
    background: var(--paper);
    border: 2px solid var(--cut);
    line-height: 23px;
}
.clip.byhand {
    box-shadow: 0 3px 0 var(--ink);
}
@media (max-width: 700px) {
    .clip {
        min-width: 44px;
        height: 44px;
        line-height: 44px;
    }
    .clip.follows {
        line-height: 40px;
    }
}
</style>
