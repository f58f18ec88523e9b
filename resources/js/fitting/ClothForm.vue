<script setup lang="ts">
import { computed } from 'vue';
import type { Refused } from '../api/client';
import type { Cloth, ClothPage } from '../api/types';
import { useSession } from '../state/session';
import CellInput from '../ui/CellInput.vue';
import Measure from '../ui/Measure.vue';
import { saidIn, shownIn } from '../ui/typedUnit';
import WordChoice from '../ui/WordChoice.vue';

/** What is known of the cloth, each figure where it is typed. */
const props = defineProps<{ page: ClothPage; cloth: Cloth; refused: Refused | null }>();
const emit = defineEmits<{ change: [part: Partial<Cloth>] }>();
const change = (part: Partial<Cloth>): void => emit('change', part);

const session = useSession();
/** What is pulled to try a cloth. */
const USUAL_TRY = { cm: '10', in: '4' } as const;
const usualTry = (): string => saidIn(USUAL_TRY[session.unit], props.page.unit, session.unit);
const triedFrom = computed(() => {
    if (props.cloth.stretch_from) return props.cloth.stretch_from;
    // What was typed before the length was asked for was of 10 cm.
    return props.cloth.stretch_to ? '10 cm' : usualTry();
});
/** Either two lengths or per cent: the one that was typed last. */
const setStretch = (part: Partial<Cloth>): void =>
    change({
        ...part,
        ...(part.stretch_percent === undefined
            ? { stretch_from: part.stretch_from ?? triedFrom.value, stretch_percent: null }
            : { stretch_from: null, stretch_to: null }),
    });
const percent = (typed: string): number | null =>
    typed === ''
        ? null
        : Number.isNaN(Number(typed.replace(',', '.')))
          ? (typed as unknown as number)
          : Number(typed.replace(',', '.'));

/** Fields speak in the unit in use, whatever the make is kept in. */
const text = (typed: string): string | null =>
    typed === '' ? null : saidIn(typed, props.page.unit, session.unit);
const seen = (kept: string | null | undefined): string => shownIn(kept ?? '', props.page.unit, session.unit);
const kinds = [
    { value: '', label: 'not said' },
    { value: 'woven', label: 'woven' },
    { value: 'knit', label: 'knit' },
] as const;
const drapes = [
    { value: '', label: 'not said' },
    { value: 'fluid', label: 'fluid' },
    { value: 'medium', label: 'medium' },
    { value: 'crisp', label: 'crisp' },
] as const;
const faultAt = (key: string): string | null => props.refused?.at(`cloth.${key}`) ?? null;
</script>

<template>
    <dl>
        <dt>Name</dt>
        <dd>
            <CellInput
                wide
                :value="cloth.name"
                label="name of the cloth"
                :fault="faultAt('name')"
                @change="change({ name: $event })"
            />
        </dd>
        <dt>Kind</dt>
        <dd>
            <WordChoice
                label="kind of cloth"
                quiet
                :options="kinds"
                :model-value="cloth.kind ?? ''"
                @update:model-value="change({ kind: $event === '' ? null : $event })"
            />
        </dd>
        <dt>Stretch, sideways</dt>
        <dd class="stretch">
            <CellInput
                :value="seen(triedFrom)"
                :label="`so much cloth, ${session.unit}`"
                :fault="faultAt('stretch_from')"
                @change="setStretch({ stretch_from: text($event) ?? usualTry() })"
            />
            <span>{{ session.unit }} stretch to</span>
            <CellInput
                :value="seen(cloth.stretch_to)"
                :label="`stretches to, ${session.unit}`"
                :fault="faultAt('stretch_to')"
                @change="setStretch({ stretch_to: text($event) })"
            />
            <span>{{ session.unit }}</span>
            <span class="or">
                <span>or</span>
                <CellInput
                    :value="
                        cloth.stretch_percent === null || cloth.stretch_percent === undefined
                            ? ''
                            : String(cloth.stretch_percent)
                    "
                    label="stretch in per cent"
                    :fault="faultAt('stretch_percent')"
                    @change="setStretch({ stretch_percent: percent($event) })"
                />
                <span>%</span>
            </span>
            <small v-if="page.stretch_percent !== null" class="what">
                that is {{ page.stretch_percent }} %</small
            >
        </dd>
        <dt>Drape</dt>
        <dd>
            <WordChoice
                label="drape"
                quiet
                :options="drapes"
                :model-value="cloth.drape ?? ''"
                @update:model-value="change({ drape: $event === '' ? null : $event })"
            />
        </dd>
        <dt>Sheer</dt>
        <dd>
            <label>
                <input
                    type="checkbox"
                    :checked="cloth.sheer ?? false"
                    @change="change({ sheer: ($event.target as HTMLInputElement).checked })"
                />
                it shows what is underneath
            </label>
        </dd>
        <dt>Width at hand</dt>
        <dd>
            <CellInput
                :value="seen(cloth.width)"
                :label="`width of the cloth, ${session.unit}`"
                :fault="faultAt('width')"
                @change="change({ width: text($event) })"
            />
            <small v-if="page.widths_nm.length > 0" class="what">
                the pattern lists
                <template v-for="(nm, i) in page.widths_nm" :key="nm"
                    >{{ i === 0 ? '' : ', ' }}<Measure :nm="nm"
                /></template>
            </small>
        </dd>
    </dl>
</template>

<style scoped>
dl {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 8px 18px;
    align-items: center;
    margin: 0;
}
dt {
    font-weight: 600;
    font-size: 14px;
}
dd {
    margin: 0;
}
.stretch,
.stretch .or {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    align-items: baseline;
}
.stretch .or {
    flex-wrap: nowrap;
}
</style>
