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
                    <span class="cut-in">{{
                        piece.sizes.length > 0 ? piece.sizes.join(' – ') : 'as it is'
                    }}</span><template v-if="piece.back_sizes"
                        >, <span class="cut-in">back {{ piece.back_sizes.join(' – ') }}</span></template
                    >
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
/* `14 – 18 – 14` is one word, where there is room for long names too. */
@media (min-width: 900px) {
    .cut-in {
        white-space: nowrap;
    }
}
.pieces .quiet {
    font-weight: 400;
    color: var(--quiet);
}
</style>
