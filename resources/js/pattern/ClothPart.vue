<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { PastedPart, PatternDocument, Unit } from '../api/types';
import PastePart from '../charts/PastePart.vue';
import CellInput from '../ui/CellInput.vue';
import FilesList from './FilesList.vue';
import { changedAt, orNull, spread, withoutAt } from './lists';
import '../charts/grid.css';

defineProps<{ faults: Map<string, string>; unit: Unit }>();
const document = defineModel<PatternDocument>({ required: true });

type Need = NonNullable<PatternDocument['fabric_needs']>[number];
type Notion = NonNullable<PatternDocument['notions']>[number];

const needs = computed(() => document.value.fabric_needs ?? []);
const notions = computed(() => document.value.notions ?? []);

const setNeeds = (next: Need[]): void => void (document.value = { ...document.value, fabric_needs: next });
const setNotions = (next: Notion[]): void => void (document.value = { ...document.value, notions: next });
const blank = (): null[] => document.value.sizes.map(() => null);

function taken(entries: PastedPart['entries']): void {
    document.value = {
        ...document.value,
        fabric_needs: [...needs.value, ...(entries.fabric_needs ?? [])],
        notions: [...notions.value, ...(entries.notions ?? [])],
    };
}

function amount(at: number, column: number, text: string): void {
    const amounts = document.value.sizes.map((_, c) =>
        c === column ? orNull(text) : (needs.value[at]?.amounts?.[c] ?? null),
    );
    setNeeds(changedAt(needs.value, at, { amounts }));
}

function entry(at: number, column: number, text: string): void {
    const bySize = document.value.sizes.map((_, c) =>
        c === column ? orNull(text) : (notions.value[at]?.by_size[c] ?? null),
    );
    setNotions(changedAt(notions.value, at, { by_size: bySize }));
}
/** A row of a spreadsheet is spread over the sizes from the cell that it is pasted into. */
function pasted(event: ClipboardEvent, rows: (string | null)[][], row: number, column: number) {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const cells = spread(rows, document.value.sizes.length, { row, column }, text);
    if (cells !== null) event.preventDefault();
    return cells;
}

function pasteAmounts(event: ClipboardEvent, row: number, column: number): void {
    const rows = needs.value.map(({ amounts }) => amounts ?? []);
    const cells = pasted(event, rows, row, column);
    if (cells !== null) setNeeds(needs.value.map((need, n) => ({ ...need, amounts: cells[n] ?? null })));
}

function pasteEntries(event: ClipboardEvent, row: number, column: number): void {
    const rows = notions.value.map(({ by_size: entries }) => entries);
    const cells = pasted(event, rows, row, column);
    if (cells !== null)
        setNotions(notions.value.map((one, n) => ({ ...one, by_size: cells[n] ?? one.by_size })));
}
</script>

<template>
    <div class="part">
        <p class="cloths">
            <b>Recommended cloths</b>, as printed
            <CellInput
                wide
                :value="document.cloths"
                label="Recommended cloths"
                @change="document = { ...document, cloths: $event }"
            />
        </p>
        <p class="hint">
            Copy the envelope’s table, size by size: 2.3 m, 230 cm or 2 5/8 yd. A make reads its need from the
            largest size it uses.
        </p>
        <div class="grid-scroll">
            <table v-if="needs.length + notions.length > 0" class="entry">
                <thead>
                    <tr>
                        <th>View</th>
                        <th>Cloth or notion</th>
                        <th>Width</th>
                        <th v-for="size in document.sizes" :key="size">{{ size }}</th>
                        <td />
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(need, n) in needs" :key="`cloth-${n}`">
                        <td>
                            <CellInput
                                :value="need.view"
                                :label="`Cloth ${n + 1}, view`"
                                @change="setNeeds(changedAt(needs, n, { view: orNull($event) }))"
                            />
                        </td>
                        <td>
                            <CellInput
                                wide
                                :value="need.cloth"
                                :label="`Cloth ${n + 1}, name`"
                                @change="setNeeds(changedAt(needs, n, { cloth: $event }))"
                            />
                        </td>
                        <td>
                            <CellInput
                                :value="need.width"
                                :label="`Cloth ${n + 1}, width`"
                                :fault="faults.get(`pattern.fabric_needs[${n}].width`)"
                                @change="setNeeds(changedAt(needs, n, { width: orNull($event) }))"
                            />
                        </td>
                        <td v-for="(size, c) in document.sizes" :key="size">
                            <CellInput
                                :value="need.amounts?.[c]"
                                :label="`${need.cloth || 'Cloth'}, size ${size}`"
                                :fault="faults.get(`pattern.fabric_needs[${n}].amounts[${c}]`)"
                                @change="amount(n, c, $event)"
                                @paste="pasteAmounts($event, n, c)"
                            />
                        </td>
                        <td>
                            <button
                                type="button"
                                class="plain"
                                :aria-label="`Take out ${need.cloth || 'this cloth'}`"
                                @click="setNeeds(withoutAt(needs, n))"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                    <tr v-for="(notion, n) in notions" :key="`notion-${n}`">
                        <td>
                            <CellInput
                                :value="notion.view"
                                :label="`Notion ${n + 1}, view`"
                                @change="setNotions(changedAt(notions, n, { view: orNull($event) }))"
                            />
                        </td>
                        <td>
                            <CellInput
                                wide
                                :value="notion.name"
                                :label="`Notion ${n + 1}, name`"
                                @change="setNotions(changedAt(notions, n, { name: $event }))"
                            />
                        </td>
                        <td />
                        <td v-for="(size, c) in document.sizes" :key="size">
                            <CellInput
                                :value="notion.by_size[c]"
                                :label="`${notion.name || 'Notion'}, size ${size}`"
                                @change="entry(n, c, $event)"
                                @paste="pasteEntries($event, n, c)"
                            />
                        </td>
                        <td>
                            <button
                                type="button"
                                class="plain"
                                :aria-label="`Take out ${notion.name || 'this notion'}`"
                                @click="setNotions(withoutAt(notions, n))"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div class="inline">
            <PastePart
                kind="cloth"
                what="cloth"
                example="Size   8   10   12&#10;View A, 140 cm   2.1 m   2.2   2.3"
                :unit="unit"
                :pattern="document"
                @take="taken"
            />
            <Button
                type="button"
                outlined
                size="small"
                label="Add a cloth"
                @click="setNeeds([...needs, { cloth: 'main cloth', width: null, amounts: blank() }])"
            />
            <Button
                type="button"
                outlined
                size="small"
                label="Add a notion"
                @click="setNotions([...notions, { name: 'zip', by_size: blank() }])"
            />
        </div>
        <p class="hint">Does it come as files? Say for which cup, envelope and sheet each is.</p>
        <FilesList v-model="document" />
    </div>
</template>
