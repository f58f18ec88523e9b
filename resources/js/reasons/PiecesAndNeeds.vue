<script setup lang="ts">
import type { Plan } from '../api/types';
import Measure from '../ui/Measure.vue';

defineProps<{ plan: Plan }>();
</script>

<template>
    <section aria-labelledby="pieces-title">
        <h2 id="pieces-title">Pieces, and what to buy</h2>
        <table v-if="plan.pieces.length > 0" class="pieces">
            <tbody>
                <tr v-for="piece in plan.pieces" :key="piece.name">
                    <th scope="row">{{ piece.name }}</th>
                    <td class="cut">
                        {{ piece.sizes.length > 0 ? piece.sizes.join(' – ') : 'as it is'
                        }}<template v-if="piece.back_sizes"
                            >, back {{ piece.back_sizes.join(' – ') }}</template
                        >
                    </td>
                    <td>{{ piece.changes.join(', ') }}</td>
                    <td class="quiet">{{ piece.follows }}</td>
                </tr>
            </tbody>
        </table>
        <p v-else class="hint">The pattern lists no pieces yet, and doesn’t say what garment it is.</p>
        <ul v-if="plan.needs.length > 0" class="needs">
            <li v-for="(need, n) in plan.needs" :key="n">
                <b>{{ need.name }}</b>
                <template v-if="need.view"> for view {{ need.view }}</template
                >:
                <template v-if="need.text">{{ need.text }}</template>
                <Measure v-else-if="need.amount_nm !== null" :nm="need.amount_nm" />
                <template v-if="need.width_nm !== null"> of <Measure :nm="need.width_nm" /> width</template>
            </li>
        </ul>
    </section>
</template>

<style scoped>
.reasons .pieces th {
    text-align: left;
    font-weight: 550;
    padding: 2px 18px 2px 0;
}
.reasons .pieces td {
    padding: 2px 18px 2px 0;
    font-weight: 600;
}
.reasons .pieces .quiet {
    font-weight: 400;
    color: var(--quiet);
}
.needs {
    margin: 10px 0 0;
    padding-left: 18px;
}
</style>
