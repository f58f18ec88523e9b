<script setup lang="ts">
import type { Plan } from '../api/types';

/** Which size each piece is cut in, how many of it, and what is changed on it. */
defineProps<{ pieces: Plan['pieces'] }>();
</script>

<template>
    <table class="pieces">
        <tbody>
            <tr v-for="piece in pieces" :key="piece.name">
                <th scope="row">
                    {{ piece.name }}<template v-if="piece.times">&nbsp;×&nbsp;{{ piece.times }}</template>
                </th>
                <td>
                    {{ piece.sizes.length > 0 ? piece.sizes.join(' – ') : 'as it is'
                    }}<template v-if="piece.back_sizes">, back {{ piece.back_sizes.join(' – ') }}</template>
                </td>
                <td>{{ piece.changes.join(', ') }}</td>
                <td class="quiet"><slot :piece="piece" /></td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
.pieces {
    border-collapse: collapse;
}
.pieces th,
.pieces td {
    padding: 2px 18px 2px 0;
    text-align: left;
    vertical-align: top;
}
/* What is long is what happens to a piece. */
.pieces th {
    min-width: 9em;
}
.pieces th {
    font-weight: 550;
}
.pieces td:nth-child(2) {
    font-weight: 600;
}
.pieces .quiet {
    font-weight: 400;
    color: var(--quiet);
}
</style>
