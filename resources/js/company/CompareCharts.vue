<script setup lang="ts">
import type { Unit } from '../api/types';
import { title } from '../ui/words';
import type { PrintedRows } from './compare';

/** The charts of several makes row by row, each under its own sizes, with the size that each body comes to. */
defineProps<{ rows: PrintedRows[]; unit: Unit }>();
</script>

<template>
    <section v-if="rows.length > 0" class="printed" aria-labelledby="printed-title">
        <h2 id="printed-title">The charts, row by row</h2>
        <p class="hint">
            As printed, in {{ unit }}. <b class="chart-mark">Framed</b>: the size that the chart says.
            <b class="cut-mark">Red</b>: the size that is cut.
        </p>
        <div
            v-for="row in rows"
            :key="row.what"
            class="scroller"
            role="region"
            tabindex="0"
            :aria-label="row.what"
        >
            <h3>{{ title(row.what) }}</h3>
            <table>
                <tbody>
                    <template v-for="(make, m) in row.of" :key="m">
                        <tr v-if="make?.like !== undefined">
                            <th scope="row" class="letter">{{ 'ABC'[m] }}</th>
                            <td colspan="20">as {{ 'ABC'[make.like] }}</td>
                        </tr>
                        <tr v-else-if="make !== null">
                            <th scope="row" rowspan="2" class="letter">{{ 'ABC'[m] }}</th>
                            <th
                                v-for="cell in make.cells"
                                :key="cell.size"
                                scope="col"
                                :class="{ 'cut-mark': cell.isCut }"
                            >
                                {{ cell.size
                                }}<span v-if="cell.isCut" class="sr-only">, the size that is cut</span>
                            </th>
                        </tr>
                        <tr v-if="make !== null && make.like === undefined" class="figures">
                            <td
                                v-for="cell in make.cells"
                                :key="cell.size"
                                :class="{ 'chart-mark': cell.isChart }"
                            >
                                {{ cell.says
                                }}<span v-if="cell.isChart" class="sr-only">, what the chart says</span>
                            </td>
                        </tr>
                        <tr v-if="make === null">
                            <th scope="row" class="letter">{{ 'ABC'[m] }}</th>
                            <td colspan="20">prints no such row</td>
                        </tr>
                    </template>
                </tbody>
            </table>
        </div>
    </section>
</template>

<style scoped>
.printed {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 520px), 1fr));
    gap: 12px 32px;
}
.printed > h2,
.printed > p {
    grid-column: 1 / -1;
}
table {
    width: auto;
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
}
th,
td {
    padding: 2px 9px;
    text-align: center;
    font-weight: 450;
    white-space: nowrap;
}
th[scope='col'] {
    font-size: 13px;
    color: var(--quiet);
}
.letter {
    font-weight: 750;
    border-top: 1px solid var(--rule);
}
.figures td {
    padding-bottom: 6px;
}
.chart-mark {
    outline: 1.5px solid var(--ink);
    outline-offset: -1px;
}
.cut-mark,
th.cut-mark[scope='col'] {
    color: var(--cut);
    font-weight: 750;
}
p .chart-mark {
    padding: 0 4px;
}
</style>
