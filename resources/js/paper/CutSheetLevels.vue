<script setup lang="ts">
import { computed } from 'vue';
import type { CutSheet } from '../api/types';
import BothUnits from './BothUnits.vue';
import StepPicture from './StepPicture.vue';

const props = defineProps<{ levels: CutSheet['levels'] }>();
const isFinishedKnown = computed(() => props.levels.some(({ as_cut_nm }) => as_cut_nm !== null));
</script>

<template>
    <table class="cut-levels">
        <thead>
            <tr>
                <td />
                <th scope="col">Front</th>
                <th scope="col">Back</th>
                <th scope="col">Change there</th>
                <template v-if="isFinishedKnown">
                    <th scope="col">Finished as cut</th>
                    <th scope="col">Room in it</th>
                    <th scope="col">How it sits</th>
                </template>
            </tr>
        </thead>
        <tbody>
            <tr v-for="level in levels" :key="level.level">
                <th scope="row">{{ level.level }}</th>
                <td class="line">
                    {{ level.front }} <small v-if="level.front_also">{{ level.front_also }}</small>
                </td>
                <td class="line">
                    <template v-if="level.back === level.front">the same</template>
                    <template v-else
                        >{{ level.back }}
                        <small v-if="level.back_also">{{ level.back_also }}</small></template
                    >
                </td>
                <td>{{ level.done.length === 0 ? 'as printed' : level.done.join('; ') }}</td>
                <template v-if="isFinishedKnown">
                    <td><BothUnits :nm="level.as_cut_nm" /></td>
                    <td><BothUnits :nm="level.ease_as_cut_nm" /></td>
                    <td class="sits"><StepPicture v-if="level.sits" :picture="level.sits" /></td>
                </template>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
.cut-levels {
    width: 100%;
    border-collapse: collapse;
}
.cut-levels th,
.cut-levels td {
    text-align: left;
    vertical-align: baseline;
    padding: 5px 16px 5px 0;
}
.cut-levels thead th {
    font-size: 13px;
    color: var(--quiet);
    padding-bottom: 2px;
}
.cut-levels tbody tr {
    border-top: 1px solid var(--rule);
}
.cut-levels tbody th {
    font-size: 20px;
    text-transform: capitalize;
}
.cut-levels .line {
    font-size: 18px;
    font-weight: 650;
    color: var(--chart);
    white-space: nowrap;
}
.cut-levels .sits {
    padding-block: 2px 0;
    vertical-align: middle;
}
.sits :deep(.step-picture) {
    display: block;
    width: 56px;
    height: 45px;
}
@media print {
    .cut-levels tbody th,
    .cut-levels .line {
        font-size: 15px;
    }
    .cut-levels th,
    .cut-levels td {
        padding-right: 10px;
    }
    .cut-levels td:nth-child(4) {
        width: 30%;
    }
}
@media screen and (max-width: 560px) {
    .cut-levels thead {
        display: none;
    }
    .cut-levels tbody tr {
        display: grid;
        grid-template-columns: max-content max-content 1fr;
        padding: 4px 0;
    }
    .cut-levels tbody td:nth-child(4) {
        grid-column: 1 / -1;
    }
    .cut-levels tbody td:nth-child(5) {
        grid-column: 1 / 3;
    }
}
</style>
