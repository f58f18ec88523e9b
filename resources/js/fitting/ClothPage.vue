<script setup lang="ts">
import { computed, onMounted, watch } from 'vue';
import CautionList from '../paper/CautionList.vue';
import MakeLinks from '../paper/MakeLinks.vue';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import BuyList from './BuyList.vue';
import ClothForm from './ClothForm.vue';
import { clothServer, useCloth } from './useCloth';

const props = defineProps<{ id: number }>();
const session = useSession();
const { page, cloth, refused, load, change } = useCloth(clothServer(props.id));
onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const have = computed(() => cloth.value.have ?? []);
const missing = computed(() => page.value?.to_buy ?? 0);
</script>

<template>
    <div class="cloth-page">
        <Crumbs><span>Cloth</span></Crumbs>
        <MakeLinks :make="id" />
        <h1>
            {{
                page === null
                    ? 'Cloth and what to buy'
                    : missing === 0
                      ? 'All is at hand.'
                      : `To buy: ${missing} ${missing === 1 ? 'thing' : 'things'}.`
            }}
        </h1>
        <p v-if="page" class="who">
            <b>{{ page.wearer }}</b> · {{ page.title }}
        </p>
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
        <div v-if="page" class="columns">
            <section aria-labelledby="cloth-title">
                <h2 id="cloth-title">The cloth of this make</h2>
                <p class="what">
                    The pattern is drafted for {{ page.drafted_for
                    }}<template v-if="page.recommended">; it recommends {{ page.recommended }}</template
                    >.
                </p>
                <ul v-if="page.words.length > 0" class="what words">
                    <li v-for="said in page.words" :key="said">{{ said }}.</li>
                </ul>
                <ClothForm :page="page" :cloth="cloth" :refused="refused" @change="change" />
                <template v-if="page.cautions.length > 0">
                    <h2>Do they go together?</h2>
                    <CautionList :cautions="page.cautions" />
                </template>
            </section>
            <BuyList :page="page" :have="have" @have="change({ have: $event })" />
        </div>
    </div>
</template>

<style scoped>
.cloth-page {
    max-width: 1200px;
    margin: 12px auto 50px;
    padding: 0 24px;
    display: grid;
    gap: 12px;
}
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: 24px 48px;
    align-items: start;
}
section {
    display: grid;
    gap: 10px;
}
p {
    margin: 0;
}
.words {
    margin: 0 0 12px;
    padding: 0;
    list-style: none;
    max-width: 68ch;
}
</style>
