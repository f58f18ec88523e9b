<script setup lang="ts">
import { computed } from 'vue';
import type { ReadTape } from '../api/types';
import { useSession } from '../state/session';
import { figureText } from '../ui/figure';

/** What a tape reads beside what it should have, what each slip adds, and the size it would have cut. */
const props = defineProps<{ read: ReadTape }>();
const session = useSession();
/** To what a tape shows. */
const words = (nm: number): string => figureText(nm, session.unit, { places: 1 });
const LITTLE_NM = 5_000_000;
/** A place can be wrong where it shows but little: at a waist that is as wide higher up. */
const farWords = (slip: string, share: number): string =>
    slip === 'place' && Math.abs(share) <= LITTLE_NM ? 'more than 1 cm off its place' : 'too much';
const wider = computed(() => props.read.wider_nm ?? 0);
</script>

<template>
    <div class="read-tape">
        <p class="both">
            true <b>{{ words(read.true_nm) }}</b> read <b class="read">{{ words(read.reading_nm) }}</b>
        </p>
        <ul v-if="read.slips.length > 0">
            <li
                v-for="{ slip, words: name, share_nm, is_small } in read.slips"
                :key="slip"
                :class="{ small: is_small }"
            >
                <span>{{ name }}</span>
                <b>{{ figureText(share_nm, session.unit, { signed: true, places: 1 }) }}</b>
                <small>{{ is_small ? 'small enough' : farWords(slip, share_nm) }}</small>
            </li>
        </ul>
        <p v-else>Nothing slipped.</p>
        <p v-if="read.true_size !== null && read.read_size !== null">
            <template v-if="read.true_size === read.read_size"
                >It would have cut size {{ read.true_size }} all the same.</template
            >
            <template v-else
                >It would have cut size <b>{{ read.read_size }}</b> instead of
                <b>{{ read.true_size }}</b><template v-if="wider !== 0"
                    >: the garment {{ figureText(Math.abs(wider), session.unit) }}
                    {{ wider > 0 ? 'looser' : 'tighter' }}</template
                >.</template
            >
        </p>
    </div>
</template>

<style scoped>
.both {
    margin: 0;
    font-size: 18px;
}
.read {
    color: var(--body);
}
ul {
    display: grid;
    gap: 4px;
    margin: 8px 0;
}
li {
    display: grid;
    grid-template-columns: 150px 90px 1fr;
    align-items: baseline;
}
li:not(.small) b {
    color: var(--cut);
}
</style>
