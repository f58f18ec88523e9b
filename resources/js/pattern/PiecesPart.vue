<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PastedPart, Pattern, PatternDocument, PatternGuide, Unit } from '../api/types';
import PastePart from '../charts/PastePart.vue';
import { changedAt, withoutAt } from './lists';
import PieceRow from './PieceRow.vue';

const props = defineProps<{
    guide: PatternGuide;
    faults: Map<string, string>;
    unit: Unit;
    kept: Pattern | null;
}>();
const document = defineModel<PatternDocument>({ required: true });

type Piece = NonNullable<PatternDocument['pieces']>[number];

const pieces = computed(() => document.value.pieces ?? []);
const usual = computed(() => props.kept?.usual_pieces ?? []);
/** What the server understood belongs to a row as long as the row is called so. */
const understoodAt = (at: number): Pattern['pieces'][number] | null => {
    const one = props.kept?.pieces[at];
    return one?.name === pieces.value[at]?.name ? (one ?? null) : null;
};

function setPieces(next: Piece[]): void {
    document.value = { ...document.value, pieces: next };
}
function taken({ pieces: pasted, notions, views }: PastedPart['entries']): void {
    const { pieces: listed, notions: known, views: named } = document.value;
    document.value = {
        ...document.value,
        pieces: [...(listed ?? []), ...(pasted ?? [])],
        notions: [...(known ?? []), ...(notions ?? [])],
        views: [...(named ?? []), ...(views ?? [])],
    };
}
</script>

<template>
    <div class="part">
        <p class="hint">
            What a piece is follows from its name: which part of the garment it covers, and which seams it
            has. A change goes to every piece that has the seam there, so look at each picture once. Pieces
            that nobody has listed are not printed.
        </p>
        <ul v-if="pieces.length > 0" class="pieces">
            <PieceRow
                v-for="(piece, p) in pieces"
                :key="p"
                :piece="piece"
                :at="p"
                :guide="guide"
                :faults="faults"
                :understood="understoodAt(p)"
                @change="setPieces(changedAt(pieces, p, $event))"
                @remove="setPieces(withoutAt(pieces, p))"
            />
        </ul>
        <div class="inline">
            <Button
                type="button"
                outlined
                size="small"
                label="Add a piece"
                @click="setPieces([...pieces, { name: '' }])"
            />
            <PastePart
                kind="pieces"
                what="pieces"
                example="1 Bodice front A, B, cut 1 on fold&#10;2 Bodice back, cut 2&#10;5 Sleeve, cut 2, cut 2 of lining"
                :unit="unit"
                :pattern="document"
                @take="taken"
            />
            <Button
                v-if="pieces.length === 0 && usual.length > 0"
                type="button"
                outlined
                size="small"
                :label="`Start with: ${usual.map(({ name }) => name).join(', ')}`"
                @click="setPieces(usual.map(({ name }) => ({ name })))"
            />
        </div>
        <p v-if="!document.garment" class="hint">
            Say above what garment it is, and its usual pieces are offered.
        </p>
    </div>
</template>

<style scoped>
.pieces {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 470px), 1fr));
    gap: 0 40px;
}
</style>
