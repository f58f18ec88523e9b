<script setup lang="ts">
import { computed } from 'vue';
import type { Station } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import { useSizeName } from '../ui/sizeName';
import StationMove from './StationMove.vue';
import { SHORT_NAME_PX, lineOf, widestName, type StationRow } from './stations';

const props = defineProps<{
    rows: StationRow[];
    rowHeight: number;
    /** The middle of each row in pixels from the top, where the rows stand beside a drawing. */
    places?: number[];
    /** Whether blend and change are told apart. */
    apart?: boolean;
}>();
const session = useSession();
const nameOf = useSizeName();

const BESIDE_NAME_PX = 10;
const longName = computed(() => {
    const widest = widestName(props.rows, props.apart, nameOf);
    return widest > SHORT_NAME_PX ? { width: `${Math.ceil(widest) + BESIDE_NAME_PX}px` } : undefined;
});

/** Every row is as high as it is far to the next one. */
const rowHeights = computed(() =>
    props.rows.map((_row, i) =>
        Math.max(props.rowHeight, (props.places?.[i + 1] ?? 0) - (props.places?.[i] ?? 0)),
    ),
);
const top = computed(() => (props.places?.[0] ?? props.rowHeight) - props.rowHeight / 2);
const unlike = computed(() => props.rows.some(({ back }) => back !== null));
const sides = computed((): { name: string; of: (row: StationRow) => Station | null }[] =>
    unlike.value
        ? [
              { name: 'front', of: ({ station }) => station },
              { name: 'back', of: ({ back }) => back },
          ]
        : [{ name: '', of: ({ station }) => station }],
);
</script>

<template>
    <table class="stations" :class="{ long: longName }" :style="{ '--row': `${rowHeight}px` }">
        <caption class="sr-only">
            Marks: from which printed line, and how far, the line to cut is drawn, at each edge
        </caption>
        <thead>
            <tr :style="{ height: `${top}px` }">
                <th scope="col">down, {{ session.unit }}</th>
                <template v-for="side in sides" :key="side.name">
                    <th scope="col" class="line" :style="longName">
                        {{ side.name === '' ? 'line' : `${side.name} line` }}
                    </th>
                    <template v-if="apart">
                        <th scope="col">blend</th>
                        <th scope="col">change</th>
                    </template>
                    <th scope="col">move</th>
                </template>
            </tr>
        </thead>
        <tbody>
            <tr
                v-for="(row, i) in rows"
                :key="row.station.depth_nm"
                :class="{ level: row.station.level }"
                :style="{ height: `${rowHeights[i]}px` }"
            >
                <th scope="row">
                    <span v-if="row.station.level" class="level-word">{{
                        row.station.level === 'bust' ? 'underarm ' : `${row.station.level} `
                    }}</span>
                    <Measure :nm="row.station.depth_nm" bare />
                    <span v-if="row.until !== row.station" class="until">
                        <template v-if="i === rows.length - 1"> to hem</template>
                        <template v-else> to <Measure :nm="row.until.depth_nm" bare /></template>
                    </span>
                </th>
                <template v-for="side in sides" :key="side.name">
                    <td>{{ nameOf(lineOf(side.of(row), apart) ?? '–') }}</td>
                    <template v-if="side.of(row)">
                        <template v-if="apart">
                            <td class="part">
                                <StationMove :station="side.of(row)!" :nm="side.of(row)!.blend_nm" />
                            </td>
                            <td class="part">
                                <StationMove :station="side.of(row)!" :nm="side.of(row)!.change_nm" />
                            </td>
                        </template>
                        <td class="move">
                            <StationMove
                                :station="side.of(row)!"
                                :nm="apart ? side.of(row)!.move_nm : (side.of(row)!.told?.move_nm ?? null)"
                                :is-on="!apart && side.of(row)!.told?.is_on === true"
                                :line="nameOf(lineOf(side.of(row), apart) ?? '')"
                            />
                        </td>
                    </template>
                </template>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
.stations td.move,
.stations thead th:last-child {
    text-align: left;
}
.stations .part {
    color: var(--quiet);
}
.stations {
    border-collapse: collapse;
    align-self: start;
    width: 100%;
    /* Columns that don't follow what stands in them: nothing jumps sideways while a clip moves. */
    table-layout: fixed;
    font-size: 14px;
}
.stations thead th:first-child {
    width: 56%;
}
.stations:has(thead th:nth-child(4)) thead th:first-child {
    width: 40%;
}
/* Long names have what they need, and a move; the depths what is left. */
.stations.long thead th:first-child {
    width: auto;
}
.stations.long thead th:last-child {
    width: 64px;
}
/* A line's name is short, a move has a word before its figure. */
.stations thead th.line {
    width: 14%;
}
.stations:has(thead th:nth-child(4)) thead th.line {
    width: 12%;
}
.stations th,
.stations td {
    padding: 0 5px;
    vertical-align: top;
    line-height: var(--row);
    text-align: right;
    font-weight: 400;
    white-space: nowrap;
}
.stations th:first-child {
    padding-left: 0;
}
.stations thead th {
    white-space: normal;
    line-height: 1.1;
    vertical-align: bottom;
    font-size: 12px;
    color: var(--quiet);
}
/* What says where it ends has a second line where it needs one: nothing stands below it. */
.stations tbody tr:last-child th {
    white-space: normal;
}
.stations .level th,
.stations .level td {
    font-weight: 750;
}
.stations .level-word {
    color: var(--quiet);
    font-weight: 550;
    margin-right: 4px;
}
.stations td {
    color: var(--chart);
}
.stations .move {
    color: var(--cut);
    font-weight: 650;
}
</style>
