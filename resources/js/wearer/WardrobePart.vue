<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LevelName, OwnGarment, WearerPage } from '../api/types';
import CellInput from '../ui/CellInput.vue';
import Measure from '../ui/Measure.vue';
import PickOne from '../ui/PickOne.vue';
import { cloths } from '../pattern/cloths';

/** Garments that fit, laid flat: the best teachers. The last row is for one more. */
defineProps<{
    eases: WearerPage['garments'];
    unit: string;
    faultAt: (field: string) => string | null;
}>();
const garments = defineModel<OwnGarment[]>({ required: true });

const levels: LevelName[] = ['bust', 'waist', 'hip'];
const rows = computed((): OwnGarment[] => [...garments.value, {}]);
const gone = ref<{ at: number; garment: OwnGarment } | null>(null);

function change(at: number, part: Partial<OwnGarment>): void {
    garments.value = rows.value
        .slice(0, Math.max(garments.value.length, at + 1))
        .map((one, place) => (place === at ? { ...one, ...part } : one));
}
const setFlat = (at: number, level: LevelName, text: string): void =>
    change(at, { flat: { ...rows.value[at]?.flat, [level]: text === '' ? null : text } });
function remove(at: number): void {
    const garment = garments.value[at];
    if (garment === undefined) return;
    gone.value = { at, garment };
    garments.value = garments.value.filter((_, place) => place !== at);
}
function putBack(): void {
    const back = gone.value;
    if (back !== null)
        garments.value = [
            ...garments.value.slice(0, back.at),
            back.garment,
            ...garments.value.slice(back.at),
        ];
    gone.value = null;
}
const nameOf = (at: number): string => rows.value[at]?.name || `garment ${at + 1}`;
type Kind = NonNullable<OwnGarment['garment']>;
const names: Record<Kind, string> = {
    dress: 'dress',
    top: 'top',
    skirt: 'skirt',
    trousers: 'trousers',
    knit_top: 'knit top',
    coat: 'coat',
};
const kinds = Object.entries(names).map(([value, label]) => ({ value: value as Kind, label }));
</script>

<template>
    <section aria-labelledby="wardrobe-title" class="wardrobe">
        <h2 id="wardrobe-title">Garments that fit</h2>
        <p class="hint">
            Lay one flat and measure across at each level. Twice that, less the body, is the room you like:
            makes of the same kind are offered it.
        </p>
        <div class="scroller">
            <table>
                <thead>
                    <tr>
                        <th scope="col">garment</th>
                        <th scope="col">kind</th>
                        <th scope="col">cloth</th>
                        <th v-for="level in levels" :key="level" scope="col">{{ level }}, {{ unit }}</th>
                        <th scope="col"><span class="sr-only">take it out</span></th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="(row, at) in rows" :key="at">
                        <td>
                            <CellInput
                                wide
                                :value="row.name"
                                :label="`garment ${at + 1}, its name`"
                                :fault="faultAt(`wardrobe.garments[${at}].name`)"
                                @change="change(at, { name: $event })"
                            />
                        </td>
                        <td>
                            <PickOne
                                :model-value="row.garment ?? null"
                                :options="kinds"
                                placeholder="–"
                                :aria-label="`${nameOf(at)}, kind`"
                                @update:model-value="change(at, { garment: $event })"
                            />
                        </td>
                        <td>
                            <PickOne
                                :model-value="row.cloth ?? 'woven'"
                                :options="cloths"
                                :aria-label="`${nameOf(at)}, cloth`"
                                @update:model-value="change(at, { cloth: $event ?? 'woven' })"
                            />
                        </td>
                        <td v-for="level in levels" :key="level">
                            <CellInput
                                :value="row.flat?.[level]"
                                :label="`${nameOf(at)}, flat across the ${level}`"
                                :fault="faultAt(`wardrobe.garments[${at}].flat.${level}`)"
                                @change="setFlat(at, level, $event)"
                            />
                            <small v-if="eases[at]?.ease_nm[level] !== undefined" class="room"
                                ><Measure :nm="eases[at]!.ease_nm[level]!" signed /> room</small
                            >
                        </td>
                        <td>
                            <button
                                v-if="at < garments.length"
                                type="button"
                                class="link"
                                :aria-label="`Take out ${nameOf(at)}`"
                                @click="remove(at)"
                            >
                                ×
                            </button>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <p v-if="gone" class="notice" role="status">
            {{ gone.garment.name || 'It' }} is out.
            <button type="button" class="link" @click="putBack">Put it back</button>
        </p>
    </section>
</template>

<style scoped>
.wardrobe {
    display: grid;
    gap: 6px;
}
.wardrobe p {
    margin: 0;
}
table {
    border-collapse: collapse;
}
th {
    font-size: 13px;
    text-align: left;
}
td {
    padding: 2px 6px 4px 0;
    vertical-align: top;
}
td :deep(.cell) {
    width: 84px;
}
td :deep(.cell.wide) {
    width: 140px;
}
td :deep(select) {
    padding-inline: 8px 2px;
}
.room {
    display: block;
    color: var(--garment);
    white-space: nowrap;
}
</style>
