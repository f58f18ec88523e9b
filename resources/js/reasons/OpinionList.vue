<script setup lang="ts">
import type { LevelPlan, Plan } from '../api/types';
import StepPicture from '../paper/StepPicture.vue';
import Measure from '../ui/Measure.vue';
import { title } from '../ui/words';

defineProps<{ plan: Plan }>();
/** How sure, and of what: the measure that decides is named. */
function sureWords({ sure, sure_of, level }: LevelPlan): string {
    if (sure === 'by_hand') return 'set by hand';
    const usual = level === 'bust' ? 'full bust' : level;
    return sure === 'firm' || sure_of === usual
        ? sure
        : `the ${sure_of} ${sure === 'measure again' ? 'stands on the edge' : 'is near the edge'}`;
}
</script>

<template>
    <section class="opinions" aria-labelledby="opinions-title">
        <h2 id="opinions-title">Ways to choose, level by level</h2>
        <div class="columns">
            <article v-for="level in plan.levels" :key="level.level" :aria-label="level.level">
                <h3>
                    {{ title(level.level) }}: <b class="cut">{{ level.size }}</b>
                    <small
                        :class="{ weak: level.sure === 'near the edge' || level.sure === 'measure again' }"
                        >{{ sureWords(level) }}</small
                    >
                </h3>
                <figure v-if="level.sits" class="sits">
                    <StepPicture :picture="level.sits" />
                    <figcaption>
                        How it sits: the body, and the garment round it as it is cut, the room drawn three
                        times as wide<template v-if="level.changed_nm !== 0"
                            >; dashed, as it is printed,
                            <Measure :nm="Math.abs(level.changed_nm)" />
                            {{ level.changed_nm > 0 ? 'narrower' : 'wider' }}</template
                        >.
                    </figcaption>
                </figure>
                <p v-if="level.why">{{ level.why }}</p>
                <p class="figures">
                    <template v-if="level.as_cut_nm !== null && level.ease_as_cut_nm !== null">
                        <template v-if="level.ease_as_cut_nm >= 0">
                            Tape test: close it at <Measure :nm="level.as_cut_nm" />, and sit down in it.
                            <template v-if="level.band">That is {{ level.band }}.</template>
                        </template>
                        <template v-else>
                            The garment is <Measure :nm="-level.ease_as_cut_nm" /> smaller than the body:
                            stretch a folded edge of the cloth from one to the other, and feel whether it
                            gives.
                        </template>
                    </template>
                    <template v-for="line in level.on_tissue" :key="line.name">
                        On the paper {{ line.name }} ends at <Measure :nm="line.stitching_nm" /> on the
                        stitching line<template v-if="line.cutting_nm !== null"
                            >, at <Measure :nm="line.cutting_nm" /> on the cutting line</template
                        >, from fold or centre, darts jumped over.
                    </template>
                </p>
                <p v-if="level.agreed" class="agreed">Every way with enough figures says the same.</p>
                <dl>
                    <template v-for="opinion in level.opinions" :key="opinion.school">
                        <dt>
                            {{ opinion.name }}
                            <b :class="{ other: opinion.size !== level.size }">{{ opinion.size ?? '–' }}</b>
                        </dt>
                        <dd>{{ opinion.why }}</dd>
                    </template>
                </dl>
            </article>
        </div>
    </section>
</template>

<style scoped>
.opinions small {
    margin-left: 8px;
    font-weight: 400;
    color: var(--quiet);
}
.opinions small.weak {
    color: var(--ink);
    font-weight: 600;
}
.sits {
    display: flex;
    gap: 12px;
    align-items: center;
    margin: 6px 0;
}
.sits :deep(svg) {
    flex: none;
}
.sits figcaption {
    color: var(--quiet);
    font-size: 14px;
}
.opinions dl {
    margin: 8px 0 0;
}
.opinions dt {
    display: flex;
    justify-content: space-between;
    border-top: 1px solid var(--rule);
    padding-top: 5px;
    font-weight: 600;
    font-size: 14px;
}
.opinions dt b {
    font-size: 17px;
}
.opinions dt b.other {
    color: var(--quiet);
    font-weight: 500;
}
.opinions dd {
    margin: 0 0 6px;
    font-size: 13.5px;
    line-height: 1.4;
    color: var(--quiet);
}
.opinions .figures {
    font-size: 13.5px;
}
</style>
