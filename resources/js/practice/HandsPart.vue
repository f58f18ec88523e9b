<script setup lang="ts">
import Button from 'primevue/button';
import type { MeasuringGuide } from '../api/types';
import { useSession } from '../state/session';
import { day } from '../measure/age';
import { figureText } from '../ui/figure';
import RepeatRoom from './RepeatRoom.vue';
import type { useRepeat } from './useRepeat';

/** One's own hand, and those of whoever else measures: how far the readings of each lie apart. */
const props = defineProps<{
    repeat: ReturnType<typeof useRepeat>;
    points: MeasuringGuide['points'];
    by: string;
    at: string;
}>();
const session = useSession();
const { hands, forgotten } = props.repeat;
const words = (nm: number): string => figureText(nm, session.unit);
</script>

<template>
    <section class="hands" aria-labelledby="hands-head">
        <h2 id="hands-head">Your own hand</h2>
        <p class="lead">
            How tight a tape is no screen can teach. Take a cushion or a pot whose girth you know, then a
            body: one point, five times, the tape off between. How far the readings lie apart is your hand’s
            own, and a plan believes a card by the hand that took it.
        </p>
        <RepeatRoom :repeat="repeat" :points="points" :by="by" :at="at" />
        <p v-if="forgotten" class="notice" role="status">
            {{ forgotten.name }} is forgotten.
            <button type="button" class="link" @click="repeat.putBack()">Put it back</button>
        </p>
        <ul v-if="hands.length > 0" class="known">
            <li v-for="hand in hands" :key="hand.name">
                <h3>{{ hand.name }}</h3>
                <dl>
                    <div v-for="here in hand.points" :key="here.point">
                        <dt>{{ here.words }}</dt>
                        <dd>
                            <b>{{ words(here.spread_nm) }}</b> apart<template v-if="here.on"
                                >, {{ day(here.on) }}</template
                            >
                        </dd>
                    </div>
                </dl>
                <Button
                    type="button"
                    text
                    size="small"
                    label="Forget"
                    :aria-label="`Forget ${hand.name}`"
                    @click="repeat.forget(hand)"
                />
            </li>
        </ul>
        <p v-else class="hint">No hand is known yet: every card counts as read within half a centimetre.</p>
    </section>
</template>

<style scoped>
.hands {
    display: grid;
    gap: 12px;
}
.known {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
    gap: 10px;
}
.known li {
    display: grid;
    gap: 6px;
    justify-items: start;
    padding: 10px 14px;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
}
dl {
    display: grid;
    gap: 2px;
    width: 100%;
    margin: 0;
}
dl div {
    display: flex;
    justify-content: space-between;
    gap: 10px;
}
dd {
    margin: 0;
    font-variant-numeric: tabular-nums;
}
</style>
