<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PatternDocument, PatternGuide } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import { changedAt, namesIn, orNull, withoutAt } from './lists';

const props = defineProps<{ guide: PatternGuide; faults: Map<string, string> }>();
const document = defineModel<PatternDocument>({ required: true });

type Piece = NonNullable<PatternDocument['pieces']>[number];

const pieces = computed(() => document.value.pieces ?? []);
const usual = computed(
    () => props.guide.garments.find(({ value }) => value === document.value.garment)?.pieces ?? [],
);

/** What is no whole number goes to the server as it was typed, which says what is wrong with it. */
function times(typed: string): number | null {
    const number = Number(typed);
    return typed.trim() === '' ? null : Number.isInteger(number) ? number : (typed as unknown as number);
}

function setPieces(next: Piece[]): void {
    document.value = { ...document.value, pieces: next };
}
</script>

<template>
    <div class="part">
        <p class="hint">
            Neck, shoulder and armhole stay in the frame size, and so does all that joins them: sleeve,
            collar, facings, bands. A waistband follows the waist, a skirt the waist and the hip. Pieces that
            are part of one shape, such as a side panel of the front, are pinned together before they are
            changed: give them the same name under “part of”.
        </p>
        <table v-if="pieces.length > 0" class="entry">
            <thead>
                <tr>
                    <th>Piece</th>
                    <th>is cut in</th>
                    <th>only for the cups</th>
                    <th>how many</th>
                    <th>part of</th>
                    <td />
                </tr>
            </thead>
            <tbody>
                <tr v-for="(piece, p) in pieces" :key="p">
                    <td>
                        <CellInput
                            wide
                            :value="piece.name"
                            :label="`Piece ${p + 1}, name`"
                            @change="setPieces(changedAt(pieces, p, { name: $event }))"
                        />
                    </td>
                    <td>
                        <select
                            :value="piece.follows"
                            :aria-label="`${piece.name} is cut in`"
                            @change="
                                setPieces(
                                    changedAt(pieces, p, {
                                        follows: ($event.target as HTMLSelectElement).value as NonNullable<
                                            Piece['follows']
                                        >,
                                    }),
                                )
                            "
                        >
                            <option v-for="one in guide.follows" :key="one.value" :value="one.value">
                                {{ one.label }}
                            </option>
                        </select>
                    </td>
                    <td>
                        <CellInput
                            :value="(piece.cups ?? []).join(', ')"
                            :label="`${piece.name}, only for the cups`"
                            @change="setPieces(changedAt(pieces, p, { cups: namesIn($event.toUpperCase()) }))"
                        />
                    </td>
                    <td>
                        <CellInput
                            :value="
                                piece.times === null || piece.times === undefined ? '' : String(piece.times)
                            "
                            :label="`${piece.name}, how many are cut`"
                            :fault="faults.get(`pattern.pieces[${p}].times`)"
                            @change="setPieces(changedAt(pieces, p, { times: times($event) }))"
                        />
                    </td>
                    <td>
                        <CellInput
                            :value="piece.part_of"
                            :label="`${piece.name}, part of`"
                            @change="setPieces(changedAt(pieces, p, { part_of: orNull($event) }))"
                        />
                    </td>
                    <td>
                        <button
                            type="button"
                            class="plain"
                            :aria-label="`Take out ${piece.name}`"
                            @click="setPieces(withoutAt(pieces, p))"
                        >
                            ×
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
        <div class="inline">
            <Button
                type="button"
                outlined
                size="small"
                label="Add a piece"
                @click="setPieces([...pieces, { name: '', follows: 'all_levels' }])"
            />
            <Button
                v-if="pieces.length === 0 && usual.length > 0"
                type="button"
                outlined
                size="small"
                :label="`Start with: ${usual.map(({ name }) => name).join(', ')}`"
                @click="setPieces(usual)"
            />
        </div>
        <p v-if="!document.garment" class="hint">
            Say above what garment it is, and its usual pieces are offered.
        </p>
    </div>
</template>
