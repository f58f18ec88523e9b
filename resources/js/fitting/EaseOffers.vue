<script setup lang="ts">
import { watchDebounced } from '@vueuse/core';
import { onMounted, watch } from 'vue';
import { useSession } from '../state/session';
import { title } from '../ui/words';
import LastTime from './LastTime.vue';
import { useOffers, type Ask } from './useOffers';

/** What earlier makes of this wearer teach for the ease; taken with a press, never by itself. */
const props = defineProps<{ make: number; version: number; ask: Ask }>();
const session = useSession();
const { offers, taken, refused, load, takeEase, putBack } = useOffers(props.make, props.ask);
onMounted(load);
// They are said in the unit in use, and what is taken already follows the choices.
watch(
    () => session.unit,
    () => session.settled().then(load),
);
// Once the hand rests: while a clip moves its own figures come first.
watchDebounced(() => props.version, load, { debounce: 400 });
</script>

<template>
    <LastTime v-if="offers?.last" class="offers" :make="make" :ask="ask" :last="offers.last" />
    <section v-if="offers && offers.eases.length > 0" class="offers" aria-labelledby="offers-title">
        <h2 id="offers-title">From earlier makes</h2>
        <ul>
            <li v-for="offer in offers.eases" :key="offer.level">
                <b>{{ title(offer.level) }}</b> {{ offer.words }}
                <span v-if="offer.is_taken" class="what">taken</span>
                <button v-else type="button" class="link" @click="takeEase(offer.level)">
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
