<script setup lang="ts">
import type { Choices, CompanyHead, CompanyRow, LevelName } from '../api/types';
import { age } from '../measure/age';
import { StorageSerializers, useLocalStorage, useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import InShort from '../ui/InShort.vue';
import MoreMenu from '../ui/MoreMenu.vue';
import { usePrinting } from '../ui/usePrinting';
import { title } from '../ui/words';
import NeedText from './NeedText.vue';
import OwnChoices from './OwnChoices.vue';
import type { Column, Order } from './order';

/** A row for each wearer; every column sorts. */
const props = defineProps<{ head: CompanyHead; rows: CompanyRow[]; order: Order; busy: boolean }>();
const emit = defineEmits<{
    sort: [order: Order];
    except: [wearer: number, part: Partial<Choices> | null];
    begin: [wearer: number];
}>();

const all: { column: Column; words: string }[] = [
    { column: 'wearer', words: 'wearer' },
    { column: 'bust', words: 'bust' },
    { column: 'waist', words: 'waist' },
    { column: 'hip', words: 'hip' },
    { column: 'frame', words: 'neck and shoulders, bust' },
    { column: 'steps', words: 'steps' },
    { column: 'drawn', words: 'drawn in' },
    { column: 'worst', words: 'to watch' },
    { column: 'sure', words: 'sure' },
    { column: 'card', words: 'card' },
    { column: 'envelope', words: 'envelope, cloth' },
];
/** On a tablet the sizes and what to watch stay; otherwise all, until somebody chooses. */
const isNarrow = useMediaQuery('(max-width: 900px)');
const ESSENTIAL: readonly Column[] = ['wearer', 'bust', 'waist', 'hip', 'worst'];
const chosen = useLocalStorage<Column[] | null>('underbolt.company.columns', null, {
    serializer: StorageSerializers.object,
});
const isPrinting = usePrinting();
const isShown = (column: Column): boolean =>
    isPrinting.value
        ? true
        : chosen.value === null
          ? !isNarrow.value || ESSENTIAL.includes(column)
          : column === 'wearer' || chosen.value.includes(column);
const columns = computed(() => all.filter(({ column }) => isShown(column)));
const hidable = all.filter(({ column }) => column !== 'wearer');
function show(column: Column, on: boolean): void {
    chosen.value = all.map((one) => one.column).filter((one) => (one === column ? on : isShown(one)));
}
/** Between the wearer and what stands on the card: what a row without a plan says stretches over it. */
const planned = computed(
    () => columns.value.filter(({ column }) => !['wearer', 'card', 'envelope'].includes(column)).length,
);

const levels: LevelName[] = ['bust', 'waist', 'hip'];
const sizeAt = (row: CompanyRow, level: LevelName): string =>
    row.sizes.find((one) => one.level === level)?.size ?? '–';
/** Cloth is told at once where it is known which. */
const isOfOneView = (row: CompanyRow): boolean =>
    new Set(row.needs.flatMap(({ view, width_nm: width }) => (width === null ? [] : [view]))).size === 1;
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
                        <!-- A browser repeats no head with a button in it. -->
                        <span class="on-paper" aria-hidden="true">{{ words }}</span>
                    </th>
                    <th scope="col" class="make">
                        <MoreMenu of="the table">
                            <fieldset class="columns">
                                <legend>Columns</legend>
                                <label v-for="{ column, words } in hidable" :key="column">
                                    <input
                                        type="checkbox"
                                        :checked="isShown(column)"
                                        @change="show(column, ($event.target as HTMLInputElement).checked)"
                                    />
                                    {{ words }}
                                </label>
                            </fieldset>
                        </MoreMenu>
                    </th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.wearer_id" :data-wearer="row.wearer">
                    <th scope="row">
                        <RouterLink :to="{ name: 'wearer', params: { id: row.wearer_id } }">{{
                            row.wearer
                        }}</RouterLink>
                        <small v-if="row.make_id" class="made">as in the make</small>
                        <OwnChoices
                            v-else
                            :head="head"
                            :wearer="row.wearer"
                            :own="row.exception"
                            @change="emit('except', row.wearer_id, $event)"
                        />
                    </th>
                    <template v-if="row.headline">
                        <template v-for="level in levels" :key="level">
                            <td v-if="isShown(level)" class="size">{{ sizeAt(row, level) }}</td>
                        </template>
                        <td v-if="isShown('frame')">
                            {{ row.frame ?? '–'
                            }}<template v-if="row.adjustment">, {{ row.adjustment }}</template>
                        </td>
                        <td v-if="isShown('steps')" class="alone">{{ row.steps.join(', ') || '–' }}</td>
                        <td v-if="isShown('drawn')">{{ row.drawn_in.map(title).join('; ') || '–' }}</td>
                        <td v-if="isShown('worst')" class="words">
                            <InShort v-if="row.worst">
                                <template #short>
                                    <b v-if="row.worst.stops" class="sr-only">Before you cut: </b
                                    ><b v-if="row.worst.stops" aria-hidden="true">! </b>{{ row.worst.short
                                    }}<template v-if="row.cautions > 1"
                                        >, {{ row.cautions - 1 }} more</template
                                    >
                                </template>
                                {{ row.worst.text }}
                            </InShort>
                            <template v-else>–</template>
                        </td>
                        <td v-if="isShown('sure')">
                            {{ row.sure === 'by_hand' ? 'by hand' : row.sure
                            }}<template v-if="row.sure === 'measure again'">: {{ row.sure_of }}</template>
                        </td>
                    </template>
                    <td v-else class="words refused" :colspan="planned">
                        <b>Waits:</b> {{ row.refused }}
                        <RouterLink v-if="row.card_id" :to="{ name: 'card', params: { id: row.card_id } }"
                            >To the card</RouterLink
                        >
                        <RouterLink v-else :to="{ name: 'wearer', params: { id: row.wearer_id } }"
                            >Measure</RouterLink
                        >
                    </td>
                    <td v-if="isShown('card')">
                        <RouterLink
                            v-if="row.card_id && row.card_age_days !== null"
                            :to="{ name: 'card', params: { id: row.card_id } }"
                            >{{ age(row.card_age_days) }}</RouterLink><template v-else>none</template>
                        <b v-if="row.is_card_old" class="old">too old</b>
                    </td>
                    <td v-if="isShown('envelope')" class="words">
                        <InShort v-if="row.needs.length > 0">
                            <template #short>
                                {{ row.envelopes.join(', ') || 'cloth'
                                }}<b v-if="row.to_get.length > 0">, to get: {{ row.to_get.join(', ') }}</b
                                ><template v-if="row.needs[0] && isOfOneView(row)"
                                    >, <NeedText :need="row.needs[0]"
                                /></template>
                            </template>
                            <small v-for="(need, n) in row.needs" :key="n"><NeedText :need="need" /></small>
                        </InShort>
                        <template v-else
                            >{{ row.envelopes.join(', ') || '–'
                            }}<b v-if="row.to_get.length > 0"
                                >, to get: {{ row.to_get.join(', ') }}</b
                            ></template
                        >
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
    width: 100%;
    font-size: 14px;
}
thead th {
    white-space: nowrap;
}
.on-paper {
    display: none;
}
thead .plain {
    padding: 0;
    font-weight: 600;
    color: var(--quiet);
}
tbody th,
tbody td {
    height: 44px;
    padding-block: 3px;
    line-height: 1.3;
    vertical-align: middle;
}
tbody th {
    min-width: 130px;
    font-weight: 650;
}
tbody th > :deep(.link) {
    font-size: 12.5px;
}
tbody th > a,
td > a {
    display: inline-block;
    min-height: 24px;
    padding: 2px 0;
}
.size {
    font-size: 19px;
    font-weight: 750;
    color: var(--cut);
    white-space: nowrap;
}
.alone,
td > a {
    white-space: nowrap;
}
.words {
    min-width: 150px;
}
.refused {
    color: var(--body);
}
small,
.old {
    display: block;
}
.columns {
    display: grid;
    gap: 2px;
    margin: 0;
    padding: 4px 8px;
    border: 0;
    text-align: left;
    font-weight: 400;
}
.columns label {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 28px;
}
.make {
    white-space: nowrap;
    font-weight: 600;
}
.make .link {
    padding: 0;
    font-size: 14px;
    font-weight: 600;
}
@media print {
    thead {
        display: table-header-group;
        break-inside: avoid;
    }
    tr {
        break-inside: avoid;
    }
    .on-paper {
        display: inline;
    }
    .make {
        display: none;
    }
}
</style>
