<script setup lang="ts">
import type { History, LevelName } from '../api/types';
import { day } from '../measure/age';

/** What was made for a wearer, the newest first: cut how, and how it wore. */
defineProps<{ history: History }>();
const levels: LevelName[] = ['bust', 'waist', 'hip'];
const marks = { tight: '▸ tight', right: '✓ right', loose: '◂ loose' };
</script>

<template>
    <div class="scroller">
        <table>
            <thead>
                <tr>
                    <th scope="col">make</th>
                    <th scope="col">state</th>
                    <th v-for="level in levels" :key="level" scope="col">{{ level }}</th>
                    <th scope="col">changed by</th>
                    <th scope="col">again?</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="make in history.makes" :key="make.id">
                    <th scope="row">
                        <RouterLink :to="{ name: 'bench', params: { id: make.id } }">{{
                            make.title
                        }}</RouterLink>
                        <small>{{
                            [make.title === make.pattern ? '' : make.pattern, make.cloth]
                                .filter(Boolean)
                                .join(', ')
                        }}</small>
                    </th>
                    <td>
                        {{ make.stage ?? 'planned' }}
                        <small>{{ day(make.stage_on ?? make.begun_on) }}</small>
                    </td>
                    <td v-for="level in levels" :key="level">
                        <b class="size">{{ make.sizes[level] ?? '–' }}</b>
                        <small v-if="make.verdict.levels?.[level]" :class="make.verdict.levels[level]!">
                            {{ marks[make.verdict.levels[level]!]
                            }}<template v-if="make.verdict.ease?.[level]"
                                >, {{ make.verdict.ease[level] }}</template
                            >
                        </small>
                    </td>
                    <td>
                        <ul>
                            <li v-for="change in make.changes" :key="change">{{ change }}</li>
                        </ul>
                        <p v-if="make.verdict.note" class="what">{{ make.verdict.note }}</p>
                    </td>
                    <td>
                        {{ make.verdict.again === true ? 'yes' : make.verdict.again === false ? 'no' : '–' }}
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
thead th {
    font-size: 13px;
    color: var(--quiet);
}
small {
    display: block;
    font-weight: 400;
    color: var(--quiet);
}
small.right {
    color: var(--garment);
}
small.tight,
small.loose {
    color: var(--ink);
    font-weight: 600;
}
.size {
    font-size: 19px;
    color: var(--cut);
}
td p {
    margin: 2px 0;
}
</style>
