<script setup lang="ts">
import { computed } from 'vue';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import type { StationRow } from './stations';

const props = defineProps<{
    rows: StationRow[];
    rowHeight: number;
    /** The middle of each row in pixels from the top, where the rows stand beside a drawing. */
    places?: number[];
}>();
const session = useSession();

/** Every row is as high as it is far to the next one. */
const rowHeights = computed(() =>
    props.rows.map((_row, i) =>
        Math.max(props.rowHeight, (props.places?.[i + 1] ?? 0) - (props.places?.[i] ?? 0)),
    ),
);
const top = computed(() => (props.places?.[0] ?? props.rowHeight) - props.rowHeight / 2);

const stays = ({ station, until }: StationRow): boolean => station.from === station.to && until !== station;
/** The line that the new seam has reached, where it runs on a printed one. */
function reached({ station }: StationRow): string | null {
    if (station.share === 0) return station.from;
    return station.share === 1 ? station.to : null;
}
</script>

<template>
    <table class="stations" :style="{ '--row': `${rowHeight}px` }">
        <caption class="sr-only">
            Stations: how far the new side seam stands from the printed line, for each edge
        </caption>
        <thead>
            <tr :style="{ height: `${top}px` }">
                <th scope="col">down, {{ session.unit }}</th>
                <th scope="col">from line</th>
                <th scope="col">move, {{ session.unit }}</th>
                <th scope="col">is on</th>
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
                    <span v-if="row.station.level" class="level-word">{{ `${row.station.level} ` }}</span>
                    <Measure :nm="row.station.depth_nm" bare />
                    <span v-if="row.until !== row.station" class="until">
                        {{ row.until.level === 'hem' ? ' to hem' : ' to ' }}
                        <Measure v-if="row.until.level !== 'hem'" :nm="row.until.depth_nm" bare />
                    </span>
                </th>
                <td>{{ row.station.from ?? '–' }}</td>
                <td class="move">
                    <template v-if="row.station.from === null">open</template>
                    <template v-else-if="stays(row)">stay</template>
                    <template v-else-if="row.station.offset_nm === null">no figure</template>
                    <Measure v-else :nm="row.station.offset_nm" bare signed />
                </td>
                <td>{{ reached(row) ?? '' }}</td>
            </tr>
        </tbody>
    </table>
</template>
