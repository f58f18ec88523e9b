<script setup lang="ts">
import type { Plan } from '../api/types';
import Measure from '../ui/Measure.vue';

defineProps<{ plan: Plan }>();
const title = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
</script>

<template>
    <section class="opinions" aria-labelledby="opinions-title">
        <h2 id="opinions-title">What each school says</h2>
        <div class="columns">
            <article v-for="level in plan.levels" :key="level.level" :aria-label="level.level">
                <h3>
                    {{ title(level.level) }}: <b class="cut">{{ level.size }}</b>
                    <small :class="{ weak: level.sure !== 'firm' }">{{ level.sure }}</small>
                </h3>
                <p class="figures">
                    <template v-if="level.finished_nm !== null">
                        Tape test: close it at <Measure :nm="level.finished_nm" />, and sit down in it.
                        <template v-if="level.band">That is {{ level.band }}.</template>
                    </template>
                    On the tissue a quarter is <Measure :nm="level.quarter_nm" :places="2" />.
                </p>
                <p v-if="level.agreed" class="agreed">All schools that can tell say the same.</p>
                <dl>
                    <template v-for="opinion in level.opinions" :key="opinion.school">
                        <dt>
                            {{ opinion.name }}
                            <b :class="{ other: opinion.size !== level.size }">{{ opinion.size ?? '–' }}</b>
                        </dt>
                        <dd>{{ opinion.why }}</dd>
                    </template>
                </dl>
            </article>
        </div>
    </section>
</template>
