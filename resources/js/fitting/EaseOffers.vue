<script setup lang="ts">
import { onMounted, shallowRef } from 'vue';
import { api, body } from '../api/client';
import type { Choices, LevelName, Offers } from '../api/types';
import { title } from '../ui/words';

/** What earlier makes of this wearer teach for the ease; taken with a press, never by itself. */
const props = defineProps<{ make: number; choices: Choices }>();
const emit = defineEmits<{ take: [part: Partial<Choices>] }>();
const offers = shallowRef<Offers['eases']>([]);

onMounted(async () => {
    const answer = await api
        .GET('/api/makes/{make}/offers', { params: { path: { make: props.make } } })
        .then(body)
        .catch(() => null);
    offers.value = answer?.eases ?? [];
});

type Offer = Offers['eases'][number];
const isTaken = ({ level, liked_ease, least_ease }: Offer): boolean =>
    liked_ease !== null
        ? props.choices.liked_ease?.[level] === liked_ease
        : props.choices.least_ease?.[level] === least_ease;

function take({ level, liked_ease, least_ease }: Offer): void {
    const key = liked_ease !== null ? 'liked_ease' : 'least_ease';
    const ease = { ...props.choices[key], [level satisfies LevelName]: liked_ease ?? least_ease };
    emit('take', key === 'liked_ease' ? { liked_ease: ease, ease: 'liked' } : { least_ease: ease });
}
</script>

<template>
    <section v-if="offers.length > 0" class="offers" aria-labelledby="offers-title">
        <h2 id="offers-title">From earlier makes</h2>
        <ul>
            <li v-for="offer in offers" :key="offer.level">
                <b>{{ title(offer.level) }}</b> {{ offer.words }}
                <span v-if="isTaken(offer)" class="what">taken</span>
                <button v-else type="button" class="link" @click="take(offer)">
                    {{
                        offer.liked_ease !== null
                            ? `like ${offer.liked_ease}`
                            : `leave more than ${offer.least_ease}`
                    }}
                </button>
            </li>
        </ul>
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
