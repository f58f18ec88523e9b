<script setup lang="ts">
import type { Choices, CompanyHead, CompanyRow, LevelName } from '../api/types';
import { age } from '../measure/age';
import Measure from '../ui/Measure.vue';
import { title } from '../ui/words';
import OwnChoices from './OwnChoices.vue';
import type { Column, Order } from './order';

/** A row for each wearer; every column sorts. */
const props = defineProps<{ head: CompanyHead; rows: CompanyRow[]; order: Order; busy: boolean }>();
const emit = defineEmits<{
    sort: [order: Order];
    except: [wearer: number, part: Partial<Choices> | null];
    begin: [wearer: number];
}>();

const columns: { column: Column; words: string }[] = [
    { column: 'wearer', words: 'wearer' },
    { column: 'bust', words: 'bust' },
    { column: 'waist', words: 'waist' },
    { column: 'hip', words: 'hip' },
    { column: 'frame', words: 'frame, bust adjustment' },
    { column: 'steps', words: 'steps' },
    { column: 'drawn', words: 'drawn in' },
    { column: 'worst', words: 'to watch' },
    { column: 'sure', words: 'sure' },
    { column: 'card', words: 'card' },
    { column: 'envelope', words: 'envelope, cloth' },
];
const levels: LevelName[] = ['bust', 'waist', 'hip'];
const sizeAt = (row: CompanyRow, level: LevelName): string =>
    row.sizes.find((one) => one.level === level)?.size ?? '–';
const turn = (column: Column): void =>
    emit('sort', { column, down: props.order.column === column && !props.order.down });
const sorted = (column: Column): 'ascending' | 'descending' | 'none' =>
    props.order.column !== column ? 'none' : props.order.down ? 'descending' : 'ascending';
</script>

<template>
    <div class="scroller">
        <table class="company">
            <thead>
                <tr>
                    <th
                        v-for="{ column, words } in columns"
                        :key="column"
                        scope="col"
                        :aria-sort="sorted(column)"
                    >
                        <button type="button" class="plain" @click="turn(column)">
                            {{ words
                            }}<span aria-hidden="true">{{
                                { ascending: ' ▴', descending: ' ▾', none: '' }[sorted(column)]
                            }}</span>
                        </button>
                    </th>
                    <th scope="col" class="make">make</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.wearer_id" :data-wearer="row.wearer">
                    <th scope="row">
                        <RouterLink :to="{ name: 'wearer', params: { id: row.wearer_id } }">{{
                            row.wearer
                        }}</RouterLink>
                        <small v-if="row.make_id" class="made">as its make is cut</small>
                        <OwnChoices
                            v-else
                            :head="head"
                            :wearer="row.wearer"
                            :own="row.exception"
                            @change="emit('except', row.wearer_id, $event)"
                        />
                    </th>
                    <template v-if="row.headline">
                        <td v-for="level in levels" :key="level" class="size">{{ sizeAt(row, level) }}</td>
                        <td>
                            {{ row.frame ?? '–' }}
                            <small v-if="row.adjustment">bust {{ row.adjustment }}</small>
                        </td>
                        <td>{{ row.steps.join(', ') || '–' }}</td>
                        <td class="words">{{ row.drawn_in.map(title).join('; ') || '–' }}</td>
                        <td class="words">
                            <template v-if="row.worst">
                                <b v-if="row.worst.stops">Settle first: </b>{{ row.worst.text }}
                                <small v-if="row.cautions > 1">and {{ row.cautions - 1 }} more</small>
                            </template>
                            <template v-else>–</template>
                        </td>
                        <td>
                            {{ row.sure === 'by_hand' ? 'by hand' : row.sure
                            }}<small v-if="row.sure === 'measure again'">{{ row.sure_of }}</small>
                        </td>
                    </template>
                    <td v-else class="words refused" colspan="8">
                        <b>Waits:</b> {{ row.refused }}
                        <RouterLink v-if="row.card_id" :to="{ name: 'card', params: { id: row.card_id } }"
                            >To the card</RouterLink
                        >
                        <RouterLink v-else :to="{ name: 'wearer', params: { id: row.wearer_id } }"
                            >Measure</RouterLink
                        >
                    </td>
                    <td>
                        <RouterLink
                            v-if="row.card_id && row.card_age_days !== null"
                            :to="{ name: 'card', params: { id: row.card_id } }"
                            >{{ age(row.card_age_days) }}</RouterLink><template v-else>none</template>
                        <small v-if="row.is_card_old"><b>old</b></small>
                    </td>
                    <td class="words">
                        <template v-if="row.envelopes.length > 0">{{ row.envelopes.join(', ') }}</template>
                        <small v-if="row.to_get.length > 0"
                            ><b>to get: {{ row.to_get.join(', ') }}</b></small
                        >
                        <small v-for="(need, n) in row.needs" :key="n">
                            <template v-if="need.width_nm !== null"
                                ><template v-if="need.view">{{ need.view }}: </template>{{ need.text ?? ''
                                }}<Measure v-if="need.text === null" :nm="need.amount_nm" /> of
                                <Measure :nm="need.width_nm" /></template
                            ><template v-else>{{ need.name }} {{ need.text }}</template>
                        </small>
                    </td>
                    <td class="make">
                        <RouterLink v-if="row.make_id" :to="{ name: 'bench', params: { id: row.make_id } }"
                            >Open<span class="sr-only"> the make of {{ row.wearer }}</span></RouterLink
                        >
                        <button
                            v-else-if="row.headline"
                            type="button"
                            class="link"
                            :disabled="busy"
                            @click="emit('begin', row.wearer_id)"
                        >
                            Begin<span class="sr-only"> the make of {{ row.wearer }}</span>
                        </button>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
table {
    font-size: 14px;
}
thead th {
    border-bottom: 1.5px solid var(--ink);
    white-space: nowrap;
}
thead .plain {
    padding: 0;
    font-weight: 600;
    color: var(--quiet);
}
tbody th {
    min-width: 130px;
    font-weight: 650;
}
tbody th > a,
td > a {
    display: inline-block;
    min-height: 26px;
    padding: 3px 0;
}
.size {
    font-size: 19px;
    font-weight: 750;
    color: var(--cut);
    white-space: nowrap;
}
.words {
    min-width: 150px;
    line-height: 1.35;
}
.refused {
    color: var(--body);
}
small {
    display: block;
}
.make {
    white-space: nowrap;
    font-weight: 600;
}
thead .make {
    padding-top: 11px;
    font-size: 12.5px;
    color: var(--quiet);
}
.make .link {
    padding: 0;
    font-size: 14px;
    font-weight: 600;
}
</style>
