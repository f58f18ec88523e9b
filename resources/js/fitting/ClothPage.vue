<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import type { Cloth, ClothPage } from '../api/types';
import CautionList from '../paper/CautionList.vue';
import MakeLinks from '../paper/MakeLinks.vue';
import { useSession } from '../state/session';
import CellInput from '../ui/CellInput.vue';
import Crumbs from '../ui/Crumbs.vue';
import Measure from '../ui/Measure.vue';
import WordChoice from '../ui/WordChoice.vue';
import { clothServer, useCloth } from './useCloth';

const props = defineProps<{ id: number }>();
const session = useSession();
const { page, cloth, refused, load, change } = useCloth(clothServer(props.id));
onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

/** What is pulled to try a cloth, in the unit of the make. */
const USUAL_TRY = { cm: '10', in: '4' } as const;
const triedFrom = computed(() => {
    if (cloth.value.stretch_from) return cloth.value.stretch_from;
    // What was typed before the length was asked for was of 10 cm.
    return cloth.value.stretch_to ? '10 cm' : USUAL_TRY[page.value?.unit ?? 'cm'];
});
/** Either two lengths or per cent: the one that was typed last. */
const setStretch = (part: Partial<Cloth>): Promise<void> =>
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

const text = (typed: string): string | null => (typed === '' ? null : typed);
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
const faultAt = (key: string): string | null => refused.value?.at(`cloth.${key}`) ?? null;
/** What a line of the list is ticked by. */
const keyOf = (need: ClothPage['needs'][number]): string =>
    [need.name === '' ? 'main cloth' : need.name, need.view ?? ''].join(' ').trim();
const has = (key: string): boolean => (cloth.value.have ?? []).includes(key);
function toggle(key: string): void {
    const have = cloth.value.have ?? [];
    void change({ have: has(key) ? have.filter((one) => one !== key) : [...have, key] });
}
const missing = computed(
    () =>
        new Set((page.value?.needs ?? []).map(keyOf).filter((key) => !has(key))).size +
        (page.value?.envelopes ?? []).filter(({ owned }) => !owned).length,
);
</script>

<template>
    <div class="cloth-page">
        <Crumbs><span>Cloth</span></Crumbs>
        <MakeLinks :make="id" />
        <h1>
            {{
                page === null
                    ? 'Cloth and what to buy'
                    : missing === 0
                      ? 'All is at hand.'
                      : `To buy: ${missing} ${missing === 1 ? 'thing' : 'things'}.`
            }}
        </h1>
        <p v-if="page" class="who">
            <b>{{ page.wearer }}</b> · {{ page.title }}
        </p>
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
        <div v-if="page" class="columns">
            <section aria-labelledby="cloth-title">
                <h2 id="cloth-title">The cloth of this make</h2>
                <p class="what">
                    The pattern is drafted for {{ page.drafted_for
                    }}<template v-if="page.recommended">; it recommends {{ page.recommended }}</template
                    >.
                </p>
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
                            :value="triedFrom"
                            :label="`so much cloth, ${page.unit}`"
                            :fault="faultAt('stretch_from')"
                            @change="setStretch({ stretch_from: text($event) ?? USUAL_TRY[page.unit] })"
                        />
                        <span>{{ page.unit }} stretch to</span>
                        <CellInput
                            :value="cloth.stretch_to"
                            :label="`stretches to, ${page.unit}`"
                            :fault="faultAt('stretch_to')"
                            @change="setStretch({ stretch_to: text($event) })"
                        />
                        <span>{{ page.unit }}</span>
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
                            :value="cloth.width"
                            label="width of the cloth"
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
                <template v-if="page.cautions.length > 0">
                    <h2>Do they go together?</h2>
                    <CautionList :cautions="page.cautions" />
                </template>
            </section>
            <section aria-labelledby="buy-title">
                <h2 id="buy-title">To have before you cut, for the largest size cut</h2>
                <ul class="buy">
                    <li v-for="envelope in page.envelopes" :key="envelope.name">
                        <span
                            >Envelope <b>{{ envelope.name }}</b></span
                        >
                        <span class="what">{{ envelope.owned ? 'yours' : 'to buy' }}</span>
                    </li>
                    <li v-for="file in page.files" :key="file.name">
                        <span
                            >Print <b>{{ file.name }}</b></span
                        >
                        <span class="what">{{
                            [file.cup && `cup ${file.cup}`, file.range, file.sheet && `on ${file.sheet}`]
                                .filter(Boolean)
                                .join(', ')
                        }}</span>
                    </li>
                    <li v-for="need in page.needs" :key="`${keyOf(need)} ${need.width_nm}`">
                        <label>
                            <input
                                type="checkbox"
                                :checked="has(keyOf(need))"
                                @change="toggle(keyOf(need))"
                            />
                            <b>{{ need.name === '' ? 'main cloth' : need.name }}</b>
                            <template v-if="need.view"> for view {{ need.view }}</template>
                            <span class="amount">
                                <template v-if="need.text">{{ need.text }}</template>
                                <Measure v-else-if="need.amount_nm !== null" :nm="need.amount_nm" />
                                <template v-if="need.width_nm !== null">
                                    of <Measure :nm="need.width_nm" /> width</template
                                >
                            </span>
                        </label>
                        <span class="what">{{ has(keyOf(need)) ? 'at hand' : 'to buy' }}</span>
                    </li>
                </ul>
                <p v-if="page.needs.length === 0" class="hint">
                    The pattern lists no amounts yet: type its table of cloth and notions into the pattern.
                </p>
            </section>
        </div>
    </div>
</template>

<style scoped>
.cloth-page {
    max-width: 1200px;
    margin: 12px auto 50px;
    padding: 0 24px;
    display: grid;
    gap: 12px;
}
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: 24px 48px;
    align-items: start;
}
section {
    display: grid;
    gap: 10px;
}
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
.buy li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 2px 18px;
    padding: 8px 4px;
    border-bottom: 1px solid var(--rule);
}
.amount {
    margin-left: 10px;
}
p {
    margin: 0;
}
</style>
