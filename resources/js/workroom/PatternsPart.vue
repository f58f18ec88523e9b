<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { Workroom } from '../api/types';
import GarmentMini from '../pattern/GarmentMini.vue';
import { useSome } from './useSome';

/** The patterns one has, and a way to put one more in. */
const props = defineProps<{
    patterns: Workroom['patterns'];
    isFound: (...words: string[]) => boolean;
}>();
const router = useRouter();
const found = computed(() => props.patterns.filter(({ name, house }) => props.isFound(name, house)));
const { shown, left, isWhole } = useSome(found);
</script>

<template>
    <section aria-labelledby="patterns-title">
        <h2 id="patterns-title" tabindex="-1">
            Patterns <small>{{ found.length }}</small>
        </h2>
        <ul class="shelf">
            <li v-for="pattern in shown" :key="pattern.id">
                <RouterLink :to="{ name: 'pattern', params: { id: pattern.id } }">
                    <GarmentMini :garment="pattern.garment ?? null" />
                    <b>{{ pattern.name }}</b>
                    <span v-if="pattern.faults > 0" class="waits">{{ pattern.faults }} to mend</span>
                    <span v-else class="what"
                        >{{ pattern.house
                        }}<template v-if="pattern.sizes.length > 0"
                            >, {{ pattern.sizes.at(0) }} – {{ pattern.sizes.at(-1) }}</template
                        ></span
                    >
                </RouterLink>
            </li>
        </ul>
        <Button v-if="left > 0" :label="`${left} more patterns`" text size="small" @click="isWhole = true" />
        <Button label="Put a pattern in" outlined @click="router.push({ name: 'new-pattern' })" />
    </section>
</template>
