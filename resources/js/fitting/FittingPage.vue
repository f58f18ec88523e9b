<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onMounted, ref, watch } from 'vue';
import type { FittingFinding, Offers, OwnLine } from '../api/types';
import MakeLinks from '../paper/MakeLinks.vue';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import { focusFault } from '../ui/focusFault';
import FindingForm from './FindingForm.vue';
import LastTime from './LastTime.vue';
import OwnLines from './OwnLines.vue';
import TracingList from './TracingList.vue';
import TrialPart from './TrialPart.vue';
import VerdictPart from './VerdictPart.vue';
import { isTried, nextTracing, taken, ticked, tried, withFinding, withoutFinding } from './tracings';
import { fittingServer, useFitting } from './useFitting';

const props = defineProps<{ id: number }>();
const session = useSession();
const {
    page,
    document: fitting,
    offers,
    refused,
    load,
    change,
    undo,
    canUndo,
    judge,
    ask,
} = useFitting(fittingServer(props.id));
const form = ref<InstanceType<typeof FindingForm> | null>(null);
const today = new Date().toLocaleDateString('sv');

onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const next = computed(() => nextTracing(fitting.value));
const openNow = computed(() => (page.value?.findings ?? []).filter(({ stands }) => stands === 'open').length);
const faultAt = (field: string): string | null => refused.value?.at(field) ?? null;
/** Faults that are told at their field: of the finding that is being recorded, the last of the list, and others. */
const AT_A_FIELD = /^(fitting\.findings\[\d+\]\.(amount|note)|fitting\.own_lines.*|verdict\.note)$/;
function findingFault(key: 'amount' | 'note'): string | null {
    const fields = Object.keys(refused.value?.errors ?? {});
    const field = fields.find((one) => /^fitting\.findings\[\d+\]\./.test(one) && one.endsWith(`.${key}`));
    return field === undefined ? null : faultAt(field);
}
const isElsewhere = computed(
    () => refused.value !== null && !Object.keys(refused.value.errors).some((one) => AT_A_FIELD.test(one)),
);

const takeOffer = ({ place, what, amount, where, pieces }: Offers['findings'][number]): Promise<void> =>
    record({ place, what, amount, where, pieces, note: '', done: [] } as Omit<FittingFinding, 'tracing'>);

/** Lines of one's own that were refused stand as they were typed, with what is wrong, until they are mended. */
const keepLines = (lines: OwnLine[]): Promise<boolean> =>
    change((now) => ({ ...now, own_lines: lines }), 'own_lines');

async function record(finding: Omit<FittingFinding, 'tracing'>): Promise<void> {
    if (await change((now) => withFinding(now, finding))) form.value?.clear();
    else void focusFault();
}
</script>

<template>
    <div class="fitting">
        <Crumbs><span>Fitting</span></Crumbs>
        <div class="top">
            <div class="grow">
                <h1>{{ page?.headline ?? 'Fitting' }}</h1>
                <p v-if="page" class="who">
                    <b>{{ page.wearer }}</b> · {{ page.title }}
                </p>
            </div>
            <MakeLinks :make="id" />
            <Button label="Undo" text size="small" :disabled="!canUndo" @click="undo" />
        </div>
        <p v-if="refused && isElsewhere" class="fault" role="alert">
            {{ Object.values(refused.errors)[0]?.[0] ?? refused.message }}
        </p>
        <div v-if="page" class="columns">
            <section aria-labelledby="tracings-title">
                <h2 id="tracings-title">Tracings and what was found on them</h2>
                <TracingList
                    :page="page"
                    @take="(tracing) => change((now) => taken(now, tracing))"
                    @tried="change(tried)"
                    @tick="(index, piece) => change((now) => ticked(now, index, piece))"
                    @remove="(index) => change((now) => withoutFinding(now, index))"
                />
                <LastTime v-if="offers?.last" :make="id" :ask="ask" :last="offers.last" />
                <h2>Found at the fitting</h2>
                <p v-if="openNow > 0 && !isTried(fitting)" class="hint">
                    One adjustment at a time: trace it, try it on, then see whether the next is still there.
                </p>
                <FindingForm
                    ref="form"
                    :page="page"
                    :tracing="next"
                    :fault-at="findingFault"
                    @record="record"
                />
                <template v-if="offers && offers.findings.length > 0">
                    <h2>It came back before</h2>
                    <ul class="offers">
                        <li v-for="offer in offers.findings" :key="offer.words">
                            {{ offer.words }}.
                            <button type="button" class="link" @click="takeOffer(offer)">take it</button>
                        </li>
                    </ul>
                </template>
            </section>
            <div class="side">
                <TrialPart
                    :trials="page.trials"
                    :document="fitting"
                    @answer="(trials) => change((now) => ({ ...now, trials }))"
                    @found="form?.fill($event)"
                />
                <VerdictPart :page="page" :today="today" :fault="faultAt('verdict.note')" @judge="judge" />
            </div>
            <OwnLines
                class="wide"
                :page="page"
                :lines="fitting.own_lines ?? []"
                :fault-at="faultAt"
                @change="keepLines"
                @found="form?.fill($event)"
            />
        </div>
    </div>
</template>

<style scoped>
.fitting {
    max-width: 1320px;
    margin: 12px auto 50px;
    padding: 0 24px;
    display: grid;
    gap: 12px;
}
.top {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 20px;
    align-items: flex-start;
    min-height: 62px;
}
.top .grow {
    flex: 1 1 380px;
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 460px);
    gap: 24px 40px;
    align-items: start;
}
.columns > section {
    display: grid;
    gap: 10px;
}
.side {
    display: grid;
    gap: 26px;
}
.wide {
    grid-column: 1 / -1;
}
.offers li {
    padding: 3px 0;
}
@media (max-width: 900px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
