<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import BothUnits from './BothUnits.vue';
import type { CutSheet } from '../api/types';
import CautionList from './CautionList.vue';
import MakeLinks from './MakeLinks.vue';
import NeedList from './NeedList.vue';
import PieceTable from './PieceTable.vue';
import CutSheetLevels from './CutSheetLevels.vue';
import CutSheetSteps from './CutSheetSteps.vue';
import { useCutSheet } from './useCutSheet';
import StationTable from '../seam/StationTable.vue';
import { stretches } from '../seam/stations';
import { useSession } from '../state/session';
import { provideSizeNames } from '../ui/sizeName';
import WordChoice from '../ui/WordChoice.vue';
import { toClothWith } from './toCloth';
import Crumbs from '../ui/Crumbs.vue';
import { cardWords } from '../measure/age';
import WordTap from '../ui/WordTap.vue';

const props = defineProps<{ id: number }>();
const session = useSession();
const { sheet, done, refused, labels, load, hide, tick, choose } = useCutSheet(props.id);

provideSizeNames(sheet);
onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const rows = computed(() =>
    sheet.value === null ? [] : stretches(sheet.value.stations.front, sheet.value.stations.back),
);
/** Where depth 0 is. */
const origin = computed(() =>
    sheet.value?.levels.some(({ level }) => level === 'bust') ? 'underarm' : 'waist',
);
const card = computed(() =>
    sheet.value === null
        ? ''
        : cardWords({ taken_on: sheet.value.card_taken_on, foundation: sheet.value.card_foundation }),
);
/** The account's paper first; the other one is remembered once it is asked for. */
const papers = computed(() => {
    const all = [
        { page: 'a4' as const, words: 'A4' },
        { page: 'letter' as const, words: 'US Letter' },
    ];
    return session.paper === 'letter' ? all.reverse() : all;
});
const picture = computed(() => sheet.value?.picture ?? null);
const drawn = computed(() => `data:image/svg+xml,${encodeURIComponent(picture.value?.svg ?? '')}`);
const ways = computed(() => toClothWith(sheet.value?.stations.is_from_nest ?? false));
/** Left to the advice, or chosen. */
const tries = computed(() => [{ value: '', label: 'as advised' }, ...(sheet.value?.try_first_ways ?? [])]);
const pdf = (page: 'a4' | 'letter'): string =>
    `/api/makes/${props.id}/cut-sheet.pdf?page=${page}&sizes=${labels.value ?? ''}`;
</script>

<template>
    <div class="cut-sheet">
        <Crumbs><span>Cut sheet</span></Crumbs>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
        <MakeLinks :make="id" />
        <template v-if="sheet">
            <header>
                <p class="who">
                    <b>{{ sheet.wearer }}</b>, card of {{ card }} · <b>{{ sheet.pattern }}</b><template
                        v-if="sheet.house"
                        >, {{ sheet.house }}</template
                    >
                    <template v-if="sheet.cut_from.length > 0"> · {{ sheet.cut_from.join(', ') }}</template>
                </p>
                <h1>{{ sheet.headline }}</h1>
                <p v-if="sheet.cautions.length > 0">
                    <a href="#cut-sheet-cautions">{{
                        sheet.cautions.length === 1
                            ? 'One caution stands'
                            : `${sheet.cautions.length} cautions stand`
                    }}</a>
                    below the pieces: read them before you cut.
                </p>
                <p class="inline tools">
                    <WordChoice
                        label="How it gets to the cloth"
                        :options="ways"
                        :model-value="sheet.to_cloth"
                        @update:model-value="choose({ paper: $event as CutSheet['to_cloth'] })"
                    />
                    <label v-if="sheet.sleeve_first !== null">
                        <input
                            type="checkbox"
                            :checked="sheet.sleeve_first"
                            @change="choose({ sleeve_first: ($event.target as HTMLInputElement).checked })"
                        />
                        the sleeve first
                    </label>
                    <label>
                        <input
                            type="checkbox"
                            :checked="labels === 'hidden'"
                            @change="hide(($event.target as HTMLInputElement).checked)"
                        />
                        hide the sizes
                    </label>
                    <a
                        v-for="one in papers"
                        :key="one.page"
                        :href="pdf(one.page)"
                        target="_blank"
                        @click="session.setPaper(one.page)"
                        >Print on {{ one.words }}</a
                    >
                </p>
            </header>

            <fieldset class="stages">
                <legend>How far it has come</legend>
                <label v-for="stage in sheet.stages" :key="stage.key">
                    <input
                        type="checkbox"
                        :checked="done[stage.key] !== undefined"
                        @change="tick(stage.key, ($event.target as HTMLInputElement).checked)"
                    />
                    {{ stage.words }}
                </label>
            </fieldset>

            <section aria-labelledby="lines-title">
                <h2 id="lines-title">Which lines to follow</h2>
                <div class="cut-wide" role="region" tabindex="0" aria-label="The lines, as a table">
                    <CutSheetLevels :levels="sheet.levels" />
                </div>
            </section>

            <p v-if="sheet.checks.length > 0" class="held">
                <b>Before the first cut hold the tape against the paper:</b>
                <span v-for="check in sheet.checks" :key="check.what"
                    >{{ check.what }} <BothUnits :nm="check.length_nm"
                /></span>
            </p>

            <div class="work" :class="{ pictured: picture }">
                <section aria-labelledby="steps-title">
                    <h2 id="steps-title">Steps</h2>
                    <CutSheetSteps
                        :steps="sheet.steps"
                        :done="done"
                        :is-line-drawn="picture !== null"
                        @tick="tick"
                    />
                    <p class="hint">
                        {{ sheet.why }} Trace, never cut the master; one change at a time, so that you can
                        step back.
                    </p>
                </section>
                <figure v-if="picture" aria-labelledby="picture-title">
                    <h2 id="picture-title">The line to cut</h2>
                    <img
                        :src="drawn"
                        :width="picture.width"
                        :height="picture.height"
                        alt="Its marks stand in the table of marks."
                    />
                    <figcaption class="hint">{{ picture.note }}</figcaption>
                </figure>
            </div>

            <div class="two">
                <section v-if="rows.length > 0" aria-labelledby="stations-title">
                    <h2 id="stations-title">
                        <WordTap word="marks">Marks</WordTap> on the paper {{ sheet.paper
                        }}{{ sheet.stations.is_from_nest ? ', read off the pattern’s own lines' : '' }}
                    </h2>
                    <p v-if="!sheet.stations.is_from_nest" class="hint">
                        Counted down from the {{ origin }}. Only the moves are known, not the shape of your
                        seam.
                    </p>
                    <div class="cut-wide" role="region" tabindex="0" aria-label="The marks, as a table">
                        <StationTable :rows="rows" :row-height="24" />
                    </div>
                </section>
                <section aria-label="Pieces, and before you cut">
                    <h2>Pieces</h2>
                    <PieceTable v-if="sheet.pieces.length > 0" :pieces="sheet.pieces" />
                    <p v-else>No pieces are listed yet: the last step says what follows front and back.</p>
                    <template v-if="sheet.cautions.length > 0">
                        <h2 id="cut-sheet-cautions">Before you cut</h2>
                        <CautionList :cautions="sheet.cautions" />
                    </template>
                    <template v-if="sheet.missing.length > 0">
                        <h2>Not known yet</h2>
                        <p v-for="one in sheet.missing" :key="one.field">
                            {{ one.asked }}: for {{ one.what_for }}.
                        </p>
                    </template>
                    <h2><WordTap word="toile">Try first</WordTap></h2>
                    <p v-if="tries.length > 1" class="inline tools">
                        <WordChoice
                            label="What is tried first"
                            :options="tries"
                            :model-value="sheet.try_first ?? ''"
                            @update:model-value="
                                choose({ try_first: $event === '' ? null : ($event as 'bodice' | 'lining') })
                            "
                        />
                    </p>
                    <p>{{ sheet.toile }}</p>
                    <template v-if="sheet.needs.length > 0">
                        <h2>To buy, for the largest size cut</h2>
                        <NeedList :needs="sheet.needs" />
                    </template>
                </section>
            </div>
        </template>
    </div>
</template>

<style scoped>
.cut-sheet {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
    max-width: 1120px;
    margin: 12px auto 60px;
    padding: 0 24px;
}
.cut-sheet h1 {
    font-size: 26px;
    line-height: 1.2;
    margin: 4px 0;
}
.who {
    font-size: 15px;
}
.tools {
    gap: 18px;
    align-items: center;
}
.stages label {
    min-height: 44px;
}
.stages {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 22px;
    padding: 0;
    border: 0;
    font-size: 16px;
}
.stages legend {
    float: left;
    margin-right: 22px;
    line-height: 44px;
    font-weight: 600;
}
.cut-wide {
    overflow-x: auto;
}
.held {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 20px;
    font-size: 16px;
}
.work.pictured {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    gap: 18px 36px;
    align-items: start;
}
.work figure {
    margin: 0;
}
.work img {
    width: 100%;
    height: auto;
}
.two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 18px 44px;
}
.two h2 + * {
    margin-bottom: 14px;
}
@media (max-width: 900px) {
    .two,
    .work.pictured {
        grid-template-columns: minmax(0, 1fr);
    }
    .work figure {
        max-width: 340px;
    }
}
@media (max-width: 560px) {
    .cut-sheet {
        padding: 0 14px;
    }
}
@media print {
    .tools,
    .stages {
        display: none;
    }
    /* As on the sheet's own PDF: the line stands beside the steps. */
    .work.pictured {
        grid-template-columns: minmax(0, 1fr) 66mm;
        gap: 4mm 6mm;
    }
    .cut-sheet {
        gap: 8px;
    }
}
</style>
