<script setup lang="ts">
import type { Plan } from '../api/types';
import NeedList from '../paper/NeedList.vue';
import PieceTable from '../paper/PieceTable.vue';

defineProps<{ plan: Plan }>();
</script>

<template>
    <section aria-labelledby="pieces-title">
        <h2 id="pieces-title">Pieces, and what to buy</h2>
        <PieceTable v-if="plan.pieces.length > 0" v-slot="{ piece }" :pieces="plan.pieces">{{
            piece.follows
        }}</PieceTable>
        <p v-else class="hint">
            No pieces are listed yet: list them in the pattern, and each is told what to do.
        </p>
        <NeedList class="needs" :needs="plan.needs" />
    </section>
</template>

<style scoped>
.needs {
    margin: 10px 0 0;
    padding-left: 18px;
}
</style>
