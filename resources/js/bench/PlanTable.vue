<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, LevelName, Plan } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { useSizeName } from '../ui/sizeName';
import { title, weightWords } from '../ui/words';
import WordTap from '../ui/WordTap.vue';
import LevelChanges from './LevelChanges.vue';
import LikedEase from './LikedEase.vue';
import { vTallest } from './tallest';

const props = defineProps<{
    plan: Plan;
    choices: Choices;
    unit: string;
    faultAt: (field: string) => string | null;
}>();
const emit = defineEmits<{
    unclip: [level: LevelName];
    all: [size: string];
    like: [level: LevelName, ease: string];
    change: [part: Partial<Choices>];
}>();
const session = useSession();
const nameOf = useSizeName();
const alsoCalled = (size: string): string | null =>
    props.plan.also_called[props.plan.sizes.indexOf(size)] ?? null;

const isLiked = computed(() => props.plan.choosers.ease === 'liked');
/** By what is printed: while a plan is awaited no garment is cut, and its columns stay. */
const hasGarment = computed(() =>
    props.plan.levels.some(
        ({ as_cut_nm, notches }) =>
            as_cut_nm !== null || notches.some(({ finished_nm }) => finished_nm !== null),
    ),
);
/** Between a row that is worked out and a printed finished one there is no drafted ease. */
const isCupWorkedOut = computed(() => props.plan.cautions.some(({ code }) => code === 'cup_row_derived'));
</script>

<template>
    <table class="plan">
        <colgroup>
            <col class="name" />
            <col class="you" />
            <col class="chart" />
            <col class="cut" />
            <col />
            <col v-if="hasGarment" class="garment" />
            <col v-if="hasGarment" class="room" />
            <col v-if="isLiked" class="room" />
        </colgroup>
        <thead>
            <tr>
                <td />
                <th scope="col"><i class="mark body" aria-hidden="true" />you, {{ session.unit }}</th>
                <th scope="col"><i class="mark chart" aria-hidden="true" />chart says</th>
                <th scope="col"><i class="mark cut" aria-hidden="true" />cut along</th>
                <th scope="col" class="says">and change</th>
                <th v-if="hasGarment" scope="col">
                    <i class="mark garment" aria-hidden="true" />garment as cut
                </th>
                <th v-if="hasGarment" scope="col"><WordTap word="room">room in it</WordTap></th>
                <th v-if="isLiked" scope="col">room you like, {{ unit }}</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="level in plan.levels" :key="level.level" v-tallest>
                <th scope="row">
                    {{ title(level.level) }}
                    <small
                        ><WordTap v-if="level === plan.levels[0]" word="must_fit">{{
                            weightWords[level.weight]
                        }}</WordTap
                        ><template v-else>{{ weightWords[level.weight] }}</template></small
                    >
                </th>
                <td data-says="you">
                    <template v-if="level.stands_in_nm !== null"
                        ><Measure :nm="level.stands_in_nm" bare />
                        <small>{{ level.sure_of }}</small></template
                    ><Measure v-else :nm="level.measure_nm" bare />
                </td>
                <td class="chart" data-says="chart says">
                    <template v-if="level.chart">
                        {{ nameOf(level.chart.size) }}
                        <small v-if="level.chart.standing === 'between'"
                            >{{ nameOf(level.chart.lower ?? '') }}–{{
                                nameOf(level.chart.upper ?? '')
                            }}</small
                        >
                        <small v-else>{{ level.chart.standing }}</small>
                    </template>
                    <template v-else>–</template>
                </td>
                <td class="cut" :class="{ long: nameOf(level.size).length > 6 }" data-says="cut along">
                    <span class="size">{{ nameOf(level.size) }}</span>{{ ' ' }}
                    <small v-if="alsoCalled(level.size)">{{ alsoCalled(level.size) }}</small>
                    <button
                        v-if="level.clipped"
                        type="button"
                        class="link"
                        :aria-label="`by hand ×, take the clip off the ${level.level}`"
                        @click="emit('unclip', level.level)"
                    >
                        by hand ×
                    </button>
                    <button
                        v-if="level.clipped && plan.levels.some(({ size }) => size !== level.size)"
                        type="button"
                        class="link"
                        :aria-label="`all in ${nameOf(level.size)}, at every level`"
                        @click="emit('all', level.size)"
                    >
                        all in {{ nameOf(level.size) }}
                    </button>
                    <small v-if="!level.clipped && level.own !== level.size" :title="level.why ?? undefined"
                        >suggested: {{ nameOf(level.own) }}</small
                    >
                </td>
                <td class="says">
                    <LevelChanges
                        :level="level"
                        :choices="choices"
                        :method="plan.bust_adjustment?.method ?? null"
                        :unit="unit"
                        :fault-at="faultAt"
                        @change="emit('change', $event)"
                    />
                </td>
                <td v-if="hasGarment" class="garment" data-says="as cut">
                    <Measure :nm="level.as_cut_nm" bare />
                </td>
                <td v-if="hasGarment" data-says="room">
                    <Measure :nm="level.ease_as_cut_nm" bare signed />
                    <small v-if="level.drafted_ease_nm !== null"
                        ><WordTap v-if="level === plan.levels[0]" word="own_ease">pattern’s own</WordTap
                        ><template v-else>pattern’s own</template>&nbsp;<Measure
                            :nm="level.drafted_ease_nm"
                            bare
                            signed
                    /></small>
                    <small v-else-if="level.level === 'bust' && isCupWorkedOut" class="wide"
                        >the pattern’s own: not known, the row of the cup is worked out</small
                    >
                </td>
                <td v-if="isLiked" data-says="you like">
                    <LikedEase
                        :level="level.level"
                        :text="choices.liked_ease?.[level.level] ?? ''"
                        :fault="faultAt(`choices.liked_ease.${level.level}`)"
                        @like="emit('like', level.level, $event)"
                    />
                </td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
table.plan {
    border-collapse: collapse;
    align-self: start;
    width: 100%;
}
.plan th,
.plan td {
    text-align: right;
    padding: 4px;
    font-size: 18px;
    font-weight: 500;
    white-space: nowrap;
}
.plan thead th {
    font-size: 12.5px;
    font-weight: 600;
    color: var(--quiet);
}
.plan tbody tr {
    border-top: 1px solid var(--rule);
}
.plan tbody th {
    text-align: left;
    font-size: 16px;
    font-weight: 650;
    padding-left: 0;
}
.plan .says {
    text-align: left;
}
.plan .chart {
    color: var(--chart);
}
.plan td.cut {
    color: var(--cut);
    font-size: 24px;
    font-weight: 750;
}
.plan td.cut.long {
    max-width: 9em;
    font-size: 16px;
    white-space: normal;
}
.plan .garment {
    color: var(--garment);
}
.plan small {
    display: block;
    font-size: 12px;
}
/* Columns and rows that don't follow what stands in them: nothing jumps while a clip moves. */
@media screen and (min-width: 1001px) {
    table.plan {
        table-layout: fixed;
    }
    col.name {
        width: 78px;
    }
    col.you {
        width: 72px;
    }
    col.chart {
        width: 96px;
    }
    col.cut {
        width: 160px;
    }
    col.garment {
        width: 116px;
    }
    col.room {
        width: 128px;
    }
    .plan tbody tr {
        height: 48px;
    }
    .plan thead th {
        padding-block: 0 2px;
    }
    .plan tbody th,
    .plan tbody td {
        padding-block: 2px 0;
        vertical-align: top;
        line-height: 24px;
    }
    .plan tbody .says,
    .plan tbody small {
        line-height: 18px;
    }
    .plan thead th:nth-child(4),
    .plan tbody td.cut {
        padding-left: 10px;
        text-align: left;
    }
    .plan td.cut .size {
        display: block;
        font-size: 22px;
        line-height: 24px;
    }
    .plan td.cut.long .size {
        font-size: 16px;
    }
    .plan tbody td.cut {
        font-size: 13px;
        line-height: 18px;
    }
    .plan td.cut .link {
        display: inline-block;
        margin-block: -3px;
        vertical-align: top;
    }
}
@media (max-width: 1000px) {
    .plan small {
        white-space: normal;
    }
    .plan thead th {
        white-space: normal;
    }
}
@media (max-width: 700px) {
    .bench .plan thead {
        display: none;
    }
    .bench .plan tbody tr {
        display: grid;
        grid-template-columns: repeat(3, minmax(0, 1fr));
        padding: 8px 0;
    }
    .bench .plan tbody th,
    .bench .plan td.says {
        grid-column: 1 / -1;
    }
    .bench .plan td.says {
        min-height: 62px;
    }
    .bench .plan td {
        text-align: left;
        white-space: normal;
    }
    .bench .plan td[data-says]::before {
        content: attr(data-says);
        display: block;
        font-size: 12px;
        font-weight: 450;
        color: var(--quiet);
    }
}
</style>
