<script setup lang="ts">
import Button from 'primevue/button';
import { refDebounced, useMediaQuery } from '@vueuse/core';
import {
    computed,
    defineAsyncComponent,
    nextTick,
    onMounted,
    ref,
    shallowRef,
    useTemplateRef,
    watch,
} from 'vue';
import type { Choices, LevelName, Plan, Point } from '../api/types';
import BenchTop from './BenchTop.vue';
import CardChoice from './CardChoice.vue';
import ChoiceBar from './ChoiceBar.vue';
import NewerCard from './NewerCard.vue';
import AskLengths from './AskLengths.vue';
import AskPoints from './AskPoints.vue';
import BeforeYouCut from './BeforeYouCut.vue';
import PlanHeadline from './PlanHeadline.vue';
import PlanTable from './PlanTable.vue';
import { vTallest } from './tallest';
import { changeSpoken } from './spoken';
import { planServer, usePlan } from './usePlan';
import { useWhatIf, whatIfServer } from './useWhatIf';
import { measuringGuide } from '../measure/guide';
import MakeLinks from '../paper/MakeLinks.vue';
import { doors, type Door } from '../reasons/doors';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import PageFault from '../ui/PageFault.vue';
import MakeMenu from '../fitting/MakeMenu.vue';
import { fieldWords } from '../ui/fieldWords';
import { title } from '../ui/words';
import { provideSizeNames } from '../ui/sizeName';
import { useLate } from '../ui/useLate';
import { speak } from '../ui/spoken';
import { useKnownKeys, useShortcuts } from '../ui/shortcuts';

// The bench is there before its reasons are, and before what is asked of it.
const WhatIfPart = defineAsyncComponent(() => import('./WhatIfPart.vue'));
const EaseOffers = defineAsyncComponent(() => import('../fitting/EaseOffers.vue'));
const WaitingTapes = defineAsyncComponent(() => import('./WaitingTapes.vue'));
const WhyNot = defineAsyncComponent(() => import('./WhyNot.vue'));
const ReasonsPart = defineAsyncComponent(() => import('../reasons/ReasonsPart.vue'));

const props = defineProps<{ id: number }>();
const session = useSession();
const {
    make,
    plan,
    answered,
    isAwaiting,
    refused,
    levelsKnown,
    load,
    remember,
    choose,
    undo,
    canUndo,
    changeCard,
    ask,
} = usePlan(planServer(props.id));

/** Other measures, tried: while they are, the bench shows what they would give. */
const whatIf = useWhatIf(whatIfServer(props.id));
const shown = computed(() => whatIf.answer.value?.plan ?? plan.value);
const guide = shallowRef<readonly Point[]>([]);
async function tryOthers(): Promise<void> {
    if (make.value !== null) await whatIf.open(make.value.card_id, make.value.needed_points, session.unit);
}
const whatIfButton = useTemplateRef<HTMLElement>('whatIfButton');
async function leaveOthers(): Promise<void> {
    whatIf.leave();
    await nextTick();
    whatIfButton.value?.focus();
}
/** Under the headline: how much there is to do, and from which sheets. */
const beneath = computed(() => {
    const { details, cut_from: from } = shown.value ?? { details: '', cut_from: [] };
    return [details, ...(from.length === 0 ? [] : [`Cut from ${from.join(', ')}.`])].join(' ');
});
/** Points that the plan waits for: they can be typed here. */
const asked = computed(() => {
    const pointAt = (level: string): string => (level === 'bust' ? 'full_bust' : level);
    const wanted = [
        ...levelsKnown.value.flatMap((one) => (one.measure_nm === null ? [pointAt(one.level)] : [])),
        ...Object.keys(refused.value?.errors ?? {})
            .filter((field) => field.startsWith('body.'))
            .map((field) => field.slice('body.'.length)),
        ...(plan.value?.cautions ?? []).flatMap(({ code, level }) =>
            code === 'not_measured' && level !== null ? [pointAt(level)] : [],
        ),
    ];
    return guide.value.filter(({ code }) => wanted.includes(code));
});
provideSizeNames(shown);
/** What is chosen or tried has no answer yet: what stands is grey till then. */
const isBusy = computed(() => isAwaiting.value || whatIf.isAwaiting.value);
const isLate = useLate(isBusy);

// The bench is painted first; the reasons below follow when the hand rests.
const settled = refDebounced(answered, 120);
/** What was shown or told last: a change that is made before the bench has come to rest is told as well. */
let told: Plan | null = null;
watch(answered, (now) => (told ??= now), { flush: 'sync' });
watch(settled, (now) => {
    if (now !== null && told !== null) speak(changeSpoken(told, now, session.unit));
    told = now;
});

onMounted(async () => {
    await load();
    guide.value = (await measuringGuide().catch(() => null))?.points ?? [];
});
// The sentences of the plan speak in the unit in use.
watch(
    () => session.unit,
    () => session.settled().then(load),
);
// Any other change is of the make itself.
watch(() => make.value?.choices, whatIf.leave);
watch(() => session.unit, whatIf.leave);

function change(choices: Choices): void {
    remember();
    void choose(choices);
}

function clip(level: LevelName, size: string): void {
    void choose({ ...make.value?.choices, sizes: { ...make.value?.choices.sizes, [level]: size } });
}

function unclip(level: LevelName): void {
    const { [level]: _, ...others } = make.value?.choices.sizes ?? {};
    change({ ...make.value?.choices, sizes: others });
}

/** Every level that the plan has, in one size and one step back. */
function clipAll(size: string): void {
    const sizes = Object.fromEntries((plan.value?.levels ?? []).map(({ level }) => [level, size]));
    change({ ...make.value?.choices, sizes });
}

function like(level: LevelName, ease: string): void {
    const liked = { ...make.value?.choices.liked_ease, [level]: ease.trim() === '' ? null : ease };
    change({ ...make.value?.choices, liked_ease: liked });
}

function alter(part: Partial<Choices>): void {
    change({ ...make.value?.choices, ...part });
}

const isNarrow = useMediaQuery('(max-width: 560px)');
/** Which door stands open below the bench. */
const door = ref<Door | null>(doors.find(({ name }) => location.hash === `#${name}`)?.name ?? null);
async function toDoor(name: Door): Promise<void> {
    door.value = name;
    await nextTick();
    document.querySelector('.door[aria-expanded="true"]')?.scrollIntoView({ block: 'nearest' });
}

const toClip = (level: LevelName): void =>
    document.querySelector<HTMLElement>(`.clip[data-level="${level}"]`)?.focus();

useKnownKeys([
    { shown: '← →', does: 'on a clip: the next size' },
    { shown: 'Home End', does: 'on a clip: the smallest, the largest size' },
]);
useShortcuts([
    { key: '1', shown: '1', does: 'to the clip on the bust', run: () => toClip('bust') },
    { key: '2', shown: '2', does: 'to the clip on the waist', run: () => toClip('waist') },
    { key: '3', shown: '3', does: 'to the clip on the hip', run: () => toClip('hip') },
    { key: '$mod+z', shown: 'Ctrl Z', does: 'undo the last change on the bench', run: () => void undo() },
]);
</script>

<template>
    <div v-if="make" class="bench" :class="{ late: isLate }" :aria-busy="isBusy">
        <Crumbs>
            <RouterLink :to="{ name: 'card', params: { id: make.card_id }, query: { for: make.id } }">{{
                make.wearer
            }}</RouterLink>
            <RouterLink :to="{ name: 'pattern', params: { id: make.pattern_id } }">{{
                make.pattern
            }}</RouterLink>
            <span v-if="make.name">{{ make.name }}</span>
        </Crumbs>
        <div class="bench-head">
            <div class="ways">
                <MakeLinks :make="make.id" />
                <MakeMenu :make="make" :ask="ask" />
                <RouterLink class="beside" :to="{ name: 'compare', query: { makes: make.id } }"
                    >Side by side</RouterLink
                >
                <Button label="Undo" text size="small" :disabled="!canUndo" @click="undo" />
            </div>
            <PlanHeadline class="told" :plan="shown" />
            <!-- What is pressed stands first: it stays where it is, however long the sentence beside it gets. -->
            <p v-if="plan" class="details">
                <WhyNot :make="make.id" :plan="plan" />
                <button
                    v-if="!whatIf.isOpen.value"
                    ref="whatIfButton"
                    type="button"
                    class="link"
                    @click="tryOthers"
                >
                    What if…
                </button>
                <span class="told">{{ beneath }}</span>
            </p>
        </div>
        <!-- On a phone the tapes come first. -->
        <component :is="isNarrow ? 'details' : 'div'" v-if="plan" class="choosing">
            <summary v-if="isNarrow">How sizes are chosen</summary>
            <ChoiceBar
                :choices="make.choices"
                :plan="plan"
                :fits="make.fits"
                :views="make.views"
                @change="change"
            >
                <CardChoice :make="make" @change="changeCard" />
            </ChoiceBar>
        </component>
        <NewerCard v-if="make.newer_card" :newer="make.newer_card" @take="changeCard" />
        <div v-if="refused" class="refused" role="alert">
            <template v-for="(sentences, field) in refused.errors" :key="field">
                <p class="fault">
                    <b>{{ title(fieldWords(String(field))) }}</b> {{ sentences[0] }}
                    <RouterLink
                        v-if="String(field).startsWith('body')"
                        :to="{ name: 'card', params: { id: make.card_id }, query: { for: make.id } }"
                    >
                        To the measure card
                    </RouterLink>
                    <RouterLink
                        v-else-if="String(field).startsWith('pattern')"
                        :to="{ name: 'pattern', params: { id: make.pattern_id } }"
                    >
                        To the pattern
                    </RouterLink>
                </p>
            </template>
            <p v-if="Object.keys(refused.errors).length === 0" class="fault">{{ refused.message }}</p>
        </div>
        <template v-if="!plan">
            <AskPoints class="asked" :make="make" :points="asked" @kept="load" />
            <WaitingTapes v-if="levelsKnown.length > 0" :levels="levelsKnown" />
        </template>
        <template v-if="plan">
            <WhatIfPart
                v-if="whatIf.isOpen.value"
                :points="whatIf.points.value"
                :guide="guide"
                :answer="whatIf.answer.value"
                :refused="whatIf.refused.value"
                :unit="session.unit"
                @type="whatIf.type"
                @nudge="(point, way) => whatIf.nudge(point, way, session.unit)"
                @leave="leaveOthers"
            />
            <BenchTop :plan="shown!" :known="levelsKnown" @start="remember" @clip="clip">
                <template #no-seam>
                    <AskPoints v-if="asked.length > 0" :make="make" :points="asked" @kept="load" />
                    <AskLengths v-else :pattern="make.pattern_id" @kept="load" />
                </template>
            </BenchTop>
            <AskPoints
                v-if="levelsKnown.length > 0 && shown!.drawing"
                class="asked"
                :make="make"
                :points="asked"
                @kept="load"
            />
            <div v-tallest class="bench-foot" :class="{ behind: door !== null }">
                <div>
                    <PlanTable
                        class="told"
                        :plan="shown!"
                        :choices="make.choices"
                        :unit="make.unit"
                        :fault-at="(field) => refused?.at(field) ?? null"
                        @unclip="unclip"
                        @all="clipAll"
                        @like="like"
                        @change="alter"
                    />
                    <EaseOffers :make="make.id" :version="make.version" :ask="ask" />
                </div>
                <BeforeYouCut
                    class="told"
                    :plan="shown!"
                    :make="make"
                    @door="toDoor"
                    @change="change({ ...make.choices, ...$event })"
                />
            </div>
            <!-- What stands behind a door opens in place of the table, where it is in sight. -->
            <div class="doors-place">
                <ReasonsPart
                    v-if="settled && whatIf.answer.value === null"
                    v-model:door="door"
                    :plan="settled"
                    :make="make"
                    :fault-at="(field) => refused?.at(field) ?? null"
                    @change="change"
                />
            </div>
        </template>
    </div>
    <PageFault v-else-if="refused" :refused="refused" />
</template>

<style scoped>
.bench-head {
    display: flex;
    flex-wrap: wrap;
    gap: 0 20px;
    align-items: center;
    padding: 0 20px;
}
.ways {
    flex: 0 0 100%;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 10px;
}
.beside {
    padding: 4px 0;
    font-size: 14px;
    font-weight: 600;
    text-decoration: none;
}
@media print {
    .beside {
        display: none;
    }
}
.choosing > summary {
    min-height: 44px;
    padding: 10px 20px;
    font-weight: 600;
    cursor: pointer;
}
.refused,
.asked {
    padding: 6px 20px;
}
.bench-foot {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 310px;
    gap: 22px;
    /* A caution more or less moves nothing that is in sight. */
    min-height: 178px;
    align-items: start;
    padding: 8px 20px 8px;
    background: var(--paper);
    border-top: 1.5px solid var(--ink);
}
.doors-place {
    padding: 0 20px 40px;
}
@media screen {
    .bench-foot.behind {
        display: none;
    }
    .bench-foot.behind + .doors-place {
        padding-top: 8px;
        border-top: 1.5px solid var(--ink);
    }
}
.bench-head .details {
    /* A line of its own: beside a short headline it would come and go. */
    flex: 0 0 100%;
    margin: 2px 0 0;
    font-weight: 400;
    font-size: 13.5px;
    color: var(--quiet);
}
@media screen and (max-width: 700px) {
    .bench-head .details {
        min-height: 62px;
    }
}
@media screen and (max-width: 1100px) {
    .bench-foot {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
