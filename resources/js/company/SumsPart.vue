<script setup lang="ts">
import type { CompanySums } from '../api/types';
import Measure from '../ui/Measure.vue';

/** What all who have a plan need together. */
defineProps<{ sums: CompanySums }>();
</script>

<template>
    <section class="sums" aria-labelledby="sums-title">
        <h2 id="sums-title">In all, for {{ sums.planned }} with a plan</h2>
        <div class="columns">
            <table v-if="sums.sizes.length > 0">
                <caption class="sr-only">
                    How many are cut in each size
                </caption>
                <thead>
                    <tr>
                        <th scope="col">size</th>
                        <th scope="col">bust</th>
                        <th scope="col">waist</th>
                        <th scope="col">hip</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="size in sums.sizes" :key="size.size">
                        <th scope="row">{{ size.size }}</th>
                        <td v-for="(many, at) in [size.bust, size.waist, size.hip]" :key="at">
                            {{ many === 0 ? '–' : many }}
                        </td>
                    </tr>
                </tbody>
            </table>
            <div>
                <h3>Envelopes</h3>
                <ul>
                    <li v-for="one in sums.envelopes" :key="one.name">
                        {{ one.name }}: {{ one.wearers }} <b v-if="one.to_get">to get</b>
                    </li>
                </ul>
                <template v-if="sums.notions.length > 0">
                    <h3>Notions</h3>
                    <ul>
                        <li v-for="one in sums.notions" :key="one.name">{{ one.name }}: {{ one.wearers }}</li>
                    </ul>
                </template>
            </div>
            <div v-if="sums.cloth.length > 0">
                <h3>Cloth, one of the widths</h3>
                <ul>
                    <li v-for="(one, i) in sums.cloth" :key="i">
                        {{ one.name }}<template v-if="one.view"> for view {{ one.view }}</template
                        ><template v-if="one.width_nm !== null">
                            of <Measure :nm="one.width_nm" /> width</template
                        >: <b>{{ one.amount }}</b> for {{ one.wearers
                        }}<template v-if="one.unknown > 0">, {{ one.unknown }} of them not printed</template>
                    </li>
                </ul>
            </div>
        </div>
    </section>
</template>

<style scoped>
.sums {
    display: grid;
    gap: 8px;
}
.columns {
    display: flex;
    flex-wrap: wrap;
    gap: 14px 48px;
    align-items: start;
}
table {
    border-collapse: collapse;
    background: var(--paper);
}
th,
td {
    padding: 3px 14px 3px 0;
    border-bottom: 1px solid var(--rule);
    text-align: right;
}
tbody th,
thead th:first-child {
    text-align: left;
}
h3 {
    margin: 0 0 4px;
    font-size: 13px;
    color: var(--quiet);
}
ul + h3 {
    margin-top: 10px;
}
</style>
