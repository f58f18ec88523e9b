<script setup lang="ts">
import { ref } from 'vue';
import type { Make, Plan } from '../api/types';
import type { Door } from '../reasons/doors';
import { usePrinting } from '../ui/usePrinting';

/** Each caution in a few words, those that stop a cut first; its whole sentence and what mends it are one press away. */
const props = defineProps<{ cautions: Plan['cautions']; make: Make }>();
const emit = defineEmits<{ door: [name: Door] }>();

type Caution = Plan['cautions'][number];
const keyOf = ({ code, level }: Caution): string => `${code} ${level ?? ''}`;
const open = ref(new Set<string>());
/** On paper nothing can be pressed. */
const isPrinting = usePrinting();
const isOpen = (caution: Caution): boolean => isPrinting.value || open.value.has(keyOf(caution));

function toggle(caution: Caution): void {
    const next = new Set(open.value);
    if (!next.delete(keyOf(caution))) next.add(keyOf(caution));
    open.value = next;
}

/** What is mended on the bench itself, behind one of its doors. */
const behind = {
    other_way: { words: 'Other ways', door: 'ways' },
    length: { words: 'Set the length', door: 'more' },
} as const;
const places = {
    measuring: {
        words: 'To the card',
        to: () => ({ name: 'card', params: { id: props.make.card_id }, query: { for: props.make.id } }),
    },
    pattern: {
        words: 'To the pattern',
        to: () => ({ name: 'pattern', params: { id: props.make.pattern_id } }),
    },
    cloth: { words: 'To the cloth', to: () => ({ name: 'cloth', params: { id: props.make.id } }) },
} as const;
</script>

<template>
    <ul class="short-cautions">
        <li v-for="caution in cautions" :key="keyOf(caution)" :class="{ stops: caution.stops }">
            <button type="button" class="brief" :aria-expanded="isOpen(caution)" @click="toggle(caution)">
                <span class="sign" aria-hidden="true">{{ caution.stops ? '!' : 'i' }}</span>
                <span class="sr-only">{{ caution.stops ? 'Before you cut: ' : 'Good to know: ' }}</span>{{
                    caution.short
                }}
            </button>
            <div v-if="isOpen(caution)" class="whole">
                {{ caution.text }}
                <button
                    v-if="caution.mended_by === 'other_way' || caution.mended_by === 'length'"
                    type="button"
                    class="link"
                    @click="emit('door', behind[caution.mended_by].door)"
                >
                    {{ behind[caution.mended_by].words }}
                </button>
                <RouterLink v-else-if="caution.mended_by" :to="places[caution.mended_by].to()">{{
                    places[caution.mended_by].words
                }}</RouterLink>
            </div>
        </li>
    </ul>
</template>

<style scoped>
ul.short-cautions.short-cautions {
    gap: 0;
    align-content: start;
    min-height: 48px;
}
.brief {
    display: flex;
    gap: 8px;
    align-items: flex-start;
    width: 100%;
    min-height: 24px;
    padding: 1px 0;
    border: 0;
    background: none;
    color: inherit;
    font: inherit;
    text-align: left;
    cursor: pointer;
}
.brief:hover {
    text-decoration: underline;
}
.stops .brief {
    font-weight: 650;
}
.sign {
    flex: none;
    width: 17px;
    height: 17px;
    margin-top: 1px;
    border: 1.5px solid var(--ink);
    border-radius: 50%;
    text-align: center;
    font-size: 11px;
    font-weight: 800;
    line-height: 14px;
}
.stops .sign {
    border-radius: 0;
    color: var(--paper);
    background: var(--ink);
}
.whole {
    padding: 0 0 6px 25px;
    color: var(--quiet);
    line-height: 1.38;
}
.whole a,
.whole .link {
    font-weight: 600;
    white-space: nowrap;
}
@media print {
    .whole a {
        display: none;
    }
}
</style>
