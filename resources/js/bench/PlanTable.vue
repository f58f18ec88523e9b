<script setup lang="ts">
import type { Choices, LevelName, Plan } from '../api/types';
import { useSession } from '../state/session';
import Measure from '../ui/Measure.vue';
import LikedEase from './LikedEase.vue';

const props = defineProps<{
    plan: Plan;
    choices: Choices;
    unit: string;
    faultAt: (field: string) => string | null;
}>();
const emit = defineEmits<{ unclip: [level: LevelName]; like: [level: LevelName, ease: string] }>();
const session = useSession();

const standing = { on: 'on', between: 'between', below: 'below', above: 'above' } as const;
const title = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
const isLiked = (): boolean => props.choices.ease === 'liked';
</script>

<template>
    <table class="plan">
        <thead>
            <tr>
                <td />
                <th scope="col"><i class="mark body" aria-hidden="true" />body, {{ session.unit }}</th>
                <th scope="col"><i class="mark chart" aria-hidden="true" />chart says</th>
                <th scope="col"><i class="mark cut" aria-hidden="true" />cut</th>
                <th scope="col"><i class="mark garment" aria-hidden="true" />finished</th>
                <th scope="col">ease on you</th>
                <th v-if="isLiked()" scope="col">ease you like</th>
                <th scope="col">left over</th>
                <th scope="col">each edge</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="level in plan.levels" :key="level.level">
                <th scope="row">
                    {{ title(level.level) }} <small>{{ level.weight }}</small>
                </th>
                <td><Measure :nm="level.measure_nm" bare /></td>
                <td class="chart">
                    {{ level.chart.size }}
                    <small v-if="level.chart.standing === 'between'"
                        >{{ level.chart.lower }}–{{ level.chart.upper }}</small
                    >
                    <small v-else>{{ standing[level.chart.standing] }}</small>
                </td>
                <td class="cut">
                    {{ level.size }}
                    <button
                        v-if="level.clipped"
                        type="button"
                        class="link"
                        :aria-label="`Take the clip off the ${level.level}`"
                        @click="emit('unclip', level.level)"
                    >
                        by hand ×
                    </button>
                    <small v-else-if="level.follows">follows</small>
                </td>
                <td class="garment"><Measure :nm="level.finished_nm" bare /></td>
                <td>
                    <Measure :nm="level.your_ease_nm" bare signed />
                    <small>drafted <Measure :nm="level.drafted_ease_nm" bare signed /></small>
                </td>
                <td v-if="isLiked()">
                    <LikedEase
                        :level="level.level"
                        :text="choices.liked_ease?.[level.level] ?? ''"
                        :unit="unit"
                        :fault="faultAt(`choices.liked_ease.${level.level}`)"
                        @like="emit('like', level.level, $event)"
                    />
                </td>
                <td><Measure :nm="level.left_over_nm" bare signed /></td>
                <td class="edge">
                    <Measure :nm="level.per_edge_nm" bare signed :places="2" />
                    <small v-if="level.per_edge_nm">
                        {{ level.per_edge_nm > 0 ? 'take in' : 'let out' }} × {{ level.edges
                        }}{{ level.sew_in_allowance ? ', just sew it' : '' }}
                    </small>
                </td>
            </tr>
        </tbody>
    </table>
</template>
