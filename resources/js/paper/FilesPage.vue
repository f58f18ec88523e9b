<script setup lang="ts">
import { computed, onMounted, reactive, watch } from 'vue';
import MakeLinks from './MakeLinks.vue';
import { filesOf, lines, pages, type HowOnPaper } from './files';
import { sheetsInWords, useSheets } from './useSheets';
import { useCutSheet } from './useCutSheet';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import Crumbs from '../ui/Crumbs.vue';

const props = defineProps<{ id: number }>();
const { sheet, refused, labels, load } = useCutSheet(props.id);
const session = useSession();
const how = reactive<HowOnPaper>({ page: session.drawnOn, line: 'seam', sizes: 'shown' });
// Whatever it is, it is remembered; the two that a printer at home holds are the sheet's as well.
watch(
    () => how.page,
    (page) => {
        void session.setDrawnOn(page);
        if (page === 'a4' || page === 'letter') void session.setPaper(page);
    },
);
const sheets = useSheets(
    props.id,
    computed(() => ({ ...how })),
);
const files = computed(() => filesOf(props.id, how));
const linesHere = computed(() => (sheet.value?.has_allowance === true ? lines : lines.slice(0, 1)));

onMounted(async () => {
    await load();
    if (labels.value !== undefined) how.sizes = labels.value;
});
</script>

<template>
    <div class="files">
        <Crumbs><span>Files</span></Crumbs>
        <MakeLinks :make="id" />
        <h1>Files to print and keep</h1>
        <p v-if="refused" class="fault" role="alert">{{ refused.message }}</p>
        <template v-if="sheet">
            <p class="who">
                <b>{{ sheet.wearer }}</b> · {{ sheet.pattern }}
            </p>
            <div class="inline how">
                <ChoiceField v-model="how.page" label="Pages" :options="pages" />
                <ChoiceField v-model="how.line" class="wider" label="The strip shows" :options="linesHere" />
                <label>
                    <input
                        type="checkbox"
                        :checked="how.sizes === 'hidden'"
                        @change="how.sizes = ($event.target as HTMLInputElement).checked ? 'hidden' : 'shown'"
                    />
                    hide the sizes
                </label>
            </div>
            <p v-if="!sheet.has_allowance" class="hint">
                The pattern doesn’t say its seam allowance, so the strip has none.
            </p>
            <ul class="rows">
                <li v-for="file in files" :key="file.name">
                    <a :href="file.href" target="_blank" rel="noopener">
                        <b>{{ file.what }}</b>
                        <span class="what">
                            {{ file.isFor }}
                            <b v-if="file.name === 'strip.pdf' && sheets?.strip" class="takes"
                                >{{ sheetsInWords(sheets.strip) }}.</b
                            >
                        </span>
                    </a>
                </li>
            </ul>
            <p class="hint">
                Measure the bar on each page of a ruler, or the line of 200 mm and both squares on the first
                page of a strip, before you cut. The printer must print at 100 %, never “fit to page”.
            </p>
        </template>
    </div>
</template>

<style scoped>
.files {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 900px;
    margin: 12px auto 60px;
    padding: 0 24px;
}
.how {
    gap: 20px;
}
.rows a {
    display: grid;
    grid-template-columns: 220px 1fr;
}
@media (max-width: 560px) {
    .rows a {
        grid-template-columns: 1fr;
    }
}
</style>
