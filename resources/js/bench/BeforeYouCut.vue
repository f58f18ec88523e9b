<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Make, Plan } from '../api/types';
import type { Door } from '../reasons/doors';
import WordTap from '../ui/WordTap.vue';
import CautionsInShort from './CautionsInShort.vue';

/** All cautions, those that stop a cut first, and why a level is cut in another size than it would pick. */
const props = defineProps<{ plan: Plan; make: Make }>();
const emit = defineEmits<{ door: [name: Door]; change: [part: Partial<Choices>] }>();
const whys = computed(() =>
    props.plan.levels.flatMap(({ level, why }) => (why === null ? [] : [{ level, why }])),
);
const counted = computed(() => {
    const stops = props.plan.cautions.filter((one) => one.stops).length;
    const minds = props.plan.cautions.length - stops;
    return [stops > 0 ? `${stops} before you cut` : '', minds > 0 ? `${minds} to know` : '']
        .filter((one) => one !== '')
        .join(', ');
});
const frame = computed(() => props.plan.levels.find(({ level }) => level === 'bust')?.size ?? null);
/** What twice the front half tells: which of front and back is fuller by a size, until it is said. */
const fuller = computed(() => {
    const bust = props.plan.levels.find(({ level }) => level === 'bust');
    const told = bust?.opinions.find(({ school }) => school === 'front_larger');
    if (bust === undefined || told?.size == null || props.make.choices.front_larger?.bust != null)
        return null;
    const place = (size: string | null): number => props.plan.sizes.indexOf(size ?? '');
    const by = place(told.size) < place(bust.size) ? -1 : 1;
    const hasWaist = props.plan.levels.some(({ level }) => level === 'waist');
    return { why: told.why, by, hasWaist };
});
/** A loose garment is not blended to save an inch. */
function cutInOne(size: string): void {
    const levels = props.plan.levels.map(({ level }) => [level, size]);
    emit('change', { sizes: Object.fromEntries(levels) as NonNullable<Choices['sizes']> });
}
/** Where a ruler laid once does what a dozen marks would, that is said beside them. */
const ruled = computed(
    () =>
        props.plan.work.steps
            .find(({ kind }) => kind === 'draw')
            ?.how.filter((one) => /\bruler\b/.test(one))
            .join(' ') ?? '',
);
/** Told of what the pattern lists, and of nothing else. */
const hasSleeve = computed(() => props.plan.pieces.some(({ side }) => side === 'sleeve'));
</script>

<template>
    <section class="worth" aria-labelledby="before-you-cut">
        <h2 id="before-you-cut">
            {{ counted || 'Before you cut' }}
        </h2>
        <CautionsInShort :cautions="plan.cautions" :make="make" @door="emit('door', $event)" />
        <ul>
            <li v-if="plan.roomy_in" class="offer">
                It hangs so loose that nobody sees a blend.
                <button type="button" class="link" @click="cutInOne(plan.roomy_in)">
                    Cut {{ plan.roomy_in }} all the way
                </button>
            </li>
            <li v-if="fuller" class="offer">
                {{ fuller.why }}
                <button
                    type="button"
                    class="link"
                    @click="
                        emit('change', { front_larger: { ...make.choices.front_larger, bust: fuller.by } })
                    "
                >
                    At the bust
                </button>
                <button
                    v-if="fuller.hasWaist"
                    type="button"
                    class="link"
                    @click="
                        emit('change', {
                            front_larger: { ...make.choices.front_larger, bust: fuller.by, waist: fuller.by },
                        })
                    "
                >
                    At bust and waist
                </button>
            </li>
            <li v-if="ruled" class="why">{{ ruled }}</li>
            <li v-for="one in whys" :key="one.level" class="why">{{ one.why }}</li>
            <li v-if="frame" class="why">
                <WordTap word="frame">Neck, shoulders, armholes</WordTap> in {{ frame
                }}{{ hasSleeve ? ', and the sleeve’s head' : '' }}.
            </li>
        </ul>
    </section>
</template>

<style scoped>
.worth {
    font-size: 14px;
}
.worth > ul {
    display: grid;
    gap: 5px;
    margin-top: 6px;
    line-height: 1.35;
}
li.offer .link {
    margin-right: 8px;
}
li.why {
    color: var(--quiet);
}
</style>
