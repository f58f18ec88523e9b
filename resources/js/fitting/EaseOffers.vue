<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import { onMounted, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { Bench, Learned, Offers } from '../api/types';
import { useSession } from '../state/session';
import { title } from '../ui/words';
import LastTime from './LastTime.vue';

/** What earlier makes of this wearer teach for the ease; taken with a press, never by itself. */
const props = defineProps<{ make: number; version: number }>();
const emit = defineEmits<{ taken: [bench: Bench] }>();
const session = useSession();
const offers = shallowRef<Offers['eases']>([]);
const last = shallowRef<Offers['last']>(null);
/** What was taken last, with what it took back. */
const taken = shallowRef<Learned | null>(null);
const refused = ref('');
const params = { path: { make: props.make } };

async function load(): Promise<void> {
    const answer = await api
        .GET('/api/makes/{make}/offers', { params })
        .then(body)
        .catch(() => null);
    offers.value = answer?.eases ?? [];
    last.value = answer?.last ?? null;
}
onMounted(load);
// They are said in the unit in use, and what is taken already follows the choices.
watch(
    () => session.unit,
    () => session.settled().then(load),
);
// Once the hand rests: while a clip moves its own figures come first.
watchDebounced(() => props.version, load, { debounce: 400 });

type Offer = Offers['eases'][number];

async function attempt(work: () => Promise<void>): Promise<void> {
    refused.value = '';
    try {
        await work();
    } catch (error) {
        refused.value = asRefused(error).message;
    }
}

const take = ({ level }: Offer): Promise<void> =>
    attempt(async () => {
        const learned = await api
            .PUT('/api/makes/{make}/offers/{level}', {
                params: { path: { make: props.make, level } },
                body: { version: props.version },
            })
            .then(body);
        taken.value = learned;
        emit('taken', learned.bench);
    });

/** What was found stays in the line as well: for those who know it is not in the ease. */
const putBack = (): Promise<void> =>
    attempt(async () => {
        const fitting = taken.value?.fitting_before;
        if (fitting === undefined) return;
        await api
            .PUT('/api/makes/{make}/fitting', { params, body: { fitting, version: props.version } })
            .then(body);
        taken.value = null;
        emit('taken', await api.GET('/api/makes/{make}/bench', { params }).then(body));
    });
</script>

<template>
    <LastTime
        v-if="last"
        class="offers"
        :make="make"
        :version="version"
        :last="last"
        @taken="emit('taken', $event)"
    />
    <section v-if="offers.length > 0" class="offers" aria-labelledby="offers-title">
        <h2 id="offers-title">From earlier makes</h2>
        <ul>
            <li v-for="offer in offers" :key="offer.level">
                <b>{{ title(offer.level) }}</b> {{ offer.words }}
                <span v-if="offer.is_taken" class="what">taken</span>
                <button v-else type="button" class="link" @click="take(offer)">
                    {{
                        offer.liked_ease !== null
                            ? `like ${offer.liked_ease}`
                            : `leave at least ${offer.least_ease}`
                    }}
                </button>
            </li>
        </ul>
        <p v-if="taken?.cut_in" class="notice" role="status">
            Cut in {{ taken.cut_in }} there, as it was right in it.
        </p>
        <p v-if="taken && taken.took_back.length > 0" class="notice" role="status">
            Taken back, as it is in this ease already: {{ taken.took_back.join(' and ') }}.
            <button
                v-if="taken.took_back.some((what) => what.includes('earlier make'))"
                type="button"
                class="link"
                @click="putBack"
            >
                Put back what was found
            </button>
        </p>
        <p v-if="refused" class="fault" role="alert">{{ refused }}</p>
    </section>
</template>

<style scoped>
.offers {
    margin-top: 10px;
}
.offers h2 {
    font-size: 15px;
    margin: 0 0 4px;
}
li {
    padding: 2px 0;
    font-size: 14.5px;
}
</style>
