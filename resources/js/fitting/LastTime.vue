<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Offers } from '../api/types';
import { useOffers, type Ask } from './useOffers';

/** What the last make of the same pattern was changed by, and how it wore: taken with a press, each or all at once. */
const props = defineProps<{ make: number; ask: Ask; last: NonNullable<Offers['last']> }>();
const { refused, takeLast: take } = useOffers(props.make, props.ask);
const open = computed(() => props.last.changes.filter((change) => !change.is_taken));
</script>

<template>
    <section class="last-time" aria-label="Last time">
        <p>
            <b>Last time</b>,
            <RouterLink :to="{ name: 'bench', params: { id: last.make_id } }">{{
                last.title
            }}</RouterLink><template v-if="last.worn">: worn, {{ last.worn }}</template
            >.
            <q v-if="last.note">{{ last.note }}</q>
        </p>
        <ul v-if="last.changes.length > 0">
            <li v-for="change in last.changes" :key="change.key">
                <span>{{ change.words }}</span>{{ ' ' }}
                <span v-if="change.here" class="what">here {{ change.here }}</span
                >{{ ' ' }}
                <span v-if="change.is_taken" class="what">here as well</span>
                <button v-else type="button" class="link" @click="take([change.key])">
                    Take it<span class="sr-only">: {{ change.words }}</span>
                </button>
            </li>
        </ul>
        <Button
            v-if="open.length > 1"
            type="button"
            size="small"
            outlined
            label="Take all of it"
            @click="take(open.map(({ key }) => key))"
        />
        <p v-if="refused" class="fault" role="alert">{{ refused }}</p>
    </section>
</template>

<style scoped>
.last-time {
    display: grid;
    gap: 4px;
    justify-items: start;
    font-size: 14px;
}
p {
    margin: 0;
}
li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 12px;
    align-items: baseline;
}
</style>
