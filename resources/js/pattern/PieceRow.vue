<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Pattern, PatternDocument, PatternGuide } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { namesIn, orNull } from './lists';
import PiecePicture from './PiecePicture.vue';
import { shownPiece, whole, withCount, withJoins, withReach, withSeam } from './typedPiece';

type Piece = NonNullable<PatternDocument['pieces']>[number];

/** One piece in a line, with a picture of what is understood of it; a press opens what can be put right. */
const props = defineProps<{
    piece: Piece;
    at: number;
    guide: PatternGuide;
    faults: Map<string, string>;
    /** As the server understands it; null until it has answered. */
    understood: Pattern['pieces'][number] | null;
}>();
const emit = defineEmits<{ change: [part: Partial<Piece>]; remove: [] }>();

const isOpen = ref(false);
const path = computed(() => `pattern.pieces[${props.at}]`);
const fault = (key: string): string | null => props.faults.get(`${path.value}.${key}`) ?? null;
/** What is wrong where no field of its own shows it now: said in the row, whatever is folded away. */
const elsewhere = computed(() => {
    const shownAt = ['name', 'times', ...(isOpen.value ? ['times_lining'] : [])];
    const beside = new Set(shownAt.map((key) => `${path.value}.${key}`));
    return [...props.faults]
        .filter(([at]) => (at === path.value || at.startsWith(`${path.value}.`)) && !beside.has(at))
        .map(([at, said]) => `${at.slice(path.value.length + 1).replaceAll('_', ' ')}: ${said}`);
});
const layers = ['outer', 'lining', 'facing', 'interfacing', 'band', 'binding', 'other'] as const;
const sides = ['front', 'back', 'both', 'sleeve', 'none'] as const;
const ends = ['shoulder', 'underarm', 'waist', 'hip', 'hem'] as const;
const joins = ['plain', 'eased', 'gathered', 'stretched'] as const;
/** As it stands here: an answer to an earlier change takes nothing of a later one back. */
const shown = computed(() => (props.understood ? shownPiece(props.piece, props.understood) : null));
const change = (to: (understood: Pattern['pieces'][number]) => Partial<Piece>): void => {
    if (props.understood) emit('change', to(props.understood));
};
const choices = computed(() => [
    {
        key: 'follows' as const,
        label: 'cut in',
        options: props.guide.follows,
        value: shown.value?.follows,
    },
    { key: 'layer' as const, label: 'layer', options: layers.map(named), value: shown.value?.layer },
    { key: 'side' as const, label: 'lies on', options: sides.map(sideNamed), value: shown.value?.side },
]);
function named(value: string): { value: string; label: string } {
    return { value, label: value };
}
function sideNamed(value: string): { value: string; label: string } {
    return { value, label: { both: 'front and back', none: 'neither' }[value] ?? value };
}
</script>

<template>
    <li class="piece-row">
        <PiecePicture v-if="understood" :piece="understood" />
        <span v-else class="no-picture" />
        <div class="told">
            <div class="inline">
                <CellInput
                    wide
                    :value="piece.name"
                    :label="`Piece ${at + 1}, name`"
                    :fault="fault('name')"
                    @change="emit('change', { name: $event })"
                />
                <span class="pair">
                    ×
                    <CellInput
                        :value="piece.times ? String(piece.times) : ''"
                        :label="`${piece.name}, how many are cut`"
                        :fault="fault('times')"
                        @change="emit('change', withCount($event))"
                    />
                </span>
                <button type="button" class="link" :aria-expanded="isOpen" @click="isOpen = !isOpen">
                    {{ isOpen ? 'that is right' : 'put right' }}
                </button>
                <button
                    type="button"
                    class="plain"
                    :aria-label="`Take out ${piece.name}`"
                    @click="emit('remove')"
                >
                    ×
                </button>
            </div>
            <p class="line">{{ understood?.line ?? '' }}</p>
            <p v-for="said in elsewhere" :key="said" class="fault" role="alert">{{ said }}</p>
            <div v-if="isOpen" class="open">
                <label v-for="one in choices" :key="one.key">
                    {{ one.label }}
                    <select
                        :value="one.value"
                        :aria-label="`${piece.name}, ${one.label}`"
                        @change="
                            emit('change', {
                                [one.key]: ($event.target as HTMLSelectElement).value,
                            } as Partial<Piece>)
                        "
                    >
                        <option v-for="option in one.options" :key="option.value" :value="option.value">
                            {{ option.label }}
                        </option>
                    </select>
                </label>
                <label v-for="which in [0, 1] as const" :key="which">
                    {{ which === 0 ? 'from' : 'to' }}
                    <select
                        :value="which === 0 ? shown?.from : shown?.to"
                        :aria-label="`${piece.name}, ${which === 0 ? 'from' : 'to'}`"
                        @change="
                            change((one) =>
                                withReach(piece, one, which, ($event.target as HTMLSelectElement).value),
                            )
                        "
                    >
                        <option v-for="end in ends" :key="end" :value="end">{{ end }}</option>
                    </select>
                </label>
                <label>
                    sewn on
                    <select
                        :value="shown?.joins"
                        :aria-label="`${piece.name}, sewn on`"
                        @change="
                            change((one) => withJoins(piece, one, ($event.target as HTMLSelectElement).value))
                        "
                    >
                        <option v-for="one in joins" :key="one" :value="one">{{ one }}</option>
                    </select>
                </label>
                <fieldset>
                    <legend>its seams and edges</legend>
                    <label v-for="one in guide.seams" :key="one.value">
                        <input
                            type="checkbox"
                            :checked="shown?.seams.includes(one.value as never)"
                            @change="
                                change((now) =>
                                    withSeam(
                                        piece,
                                        now,
                                        one.value,
                                        ($event.target as HTMLInputElement).checked,
                                    ),
                                )
                            "
                        />
                        {{ one.label }}
                    </label>
                </fieldset>
                <label>
                    <input
                        type="checkbox"
                        :checked="shown?.isOnFold"
                        @change="emit('change', { on_fold: ($event.target as HTMLInputElement).checked })"
                    />
                    on the fold
                </label>
                <span class="pair">
                    from lining as well ×
                    <CellInput
                        :value="piece.times_lining ? String(piece.times_lining) : ''"
                        :label="`${piece.name}, how many of lining`"
                        :fault="fault('times_lining')"
                        @change="emit('change', { times_lining: whole($event) })"
                    />
                </span>
                <span class="pair">
                    {{ shown?.layer === 'outer' ? 'part of' : 'of' }}
                    <CellInput
                        :value="shown?.layer === 'outer' ? piece.part_of : piece.of"
                        :label="`${piece.name}, part of`"
                        @change="
                            emit('change', {
                                [shown?.layer === 'outer' ? 'part_of' : 'of']: orNull($event),
                            } as Partial<Piece>)
                        "
                    />
                </span>
                <span v-for="key in ['cups', 'views', 'fits'] as const" :key="key" class="pair">
                    only for {{ key }}
                    <CellInput
                        :value="(piece[key] ?? []).join(', ')"
                        :label="`${piece.name}, only for the ${key}`"
                        @change="
                            emit('change', {
                                [key]: namesIn(key === 'cups' ? $event.toUpperCase() : $event),
                            } as Partial<Piece>)
                        "
                    />
                </span>
            </div>
        </div>
    </li>
</template>

<style scoped>
.piece-row {
    display: flex;
    gap: 14px;
    align-items: start;
    padding: 8px 0;
    border-bottom: 1px solid var(--rule);
}
.no-picture {
    width: 54px;
    flex: none;
}
.told {
    display: grid;
    gap: 4px;
    min-width: 0;
}
.piece-row:has(.open) {
    grid-column: 1 / -1;
}
.line {
    margin: 0;
    font-size: 14px;
    color: var(--quiet);
}
.open {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 20px;
    align-items: center;
    font-size: 14px;
}
.open label,
.pair {
    display: inline-flex;
    gap: 6px;
    align-items: center;
}
.open fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 16px;
    border: 0;
    padding: 0;
    margin: 0;
    flex-basis: 100%;
}
.open legend {
    float: left;
    margin-right: 16px;
    font-weight: 600;
}
</style>
