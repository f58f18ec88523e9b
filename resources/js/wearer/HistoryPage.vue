<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { History } from '../api/types';
import HistoryTable from './HistoryTable.vue';
import Crumbs from '../ui/Crumbs.vue';

/** What was made for a wearer, cut how, and how it wore. */
const props = defineProps<{ id: number }>();
const history = shallowRef<History | null>(null);
const refused = ref('');

onMounted(async () => {
    try {
        history.value = await api
            .GET('/api/wearers/{wearer}/history', { params: { path: { wearer: props.id } } })
            .then(body);
    } catch (error) {
        refused.value = asRefused(error).message;
    }
});
</script>

<template>
    <div class="history">
        <Crumbs>
            <RouterLink :to="{ name: 'wearer', params: { id } }">{{ history?.name }}</RouterLink>
            <span>Makes</span>
        </Crumbs>
        <h1>
            {{
                history === null
                    ? 'Makes'
                    : history.makes.length === 0
                      ? `Nothing was made for ${history.name} yet.`
                      : `What was made for ${history.name}`
            }}
        </h1>
        <p v-if="refused" class="fault" role="alert">{{ refused }}</p>
        <HistoryTable v-if="history && history.makes.length > 0" :history="history" />
    </div>
</template>

<style scoped>
.history {
    max-width: 1320px;
    margin: 12px auto 50px;
    padding: 0 24px;
    display: grid;
    gap: 12px;
}
</style>
