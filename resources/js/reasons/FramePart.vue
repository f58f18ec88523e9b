<script setup lang="ts">
import type { Choices, Plan } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import Measure from '../ui/Measure.vue';
import { leads } from './leads';
import WordTap from '../ui/WordTap.vue';

defineProps<{ plan: Plan; choices: Choices }>();
const emit = defineEmits<{ change: [part: Partial<Choices>] }>();
</script>

<template>
    <section aria-labelledby="frame-title">
        <h2 id="frame-title">
            Neck, shoulders, armholes<template v-if="plan.frame.size"
                >: <b class="cut">{{ plan.frame.size }}</b></template
            >
        </h2>
        <p v-if="plan.cup">
            Cup <b>{{ plan.cup.letter }}</b>, from a difference of <Measure :nm="plan.cup.difference_nm" /> by
            the {{ plan.cup.source === 'pattern' ? 'pattern’s own table' : 'rule of thumb' }}.
            <template v-if="plan.cup.row">The {{ plan.cup.row }} row is read.</template>
        </p>
        <p v-else>No cup: the card lacks a girth for it.</p>
        <p v-if="plan.frame.measure_nm !== null">
            Neck, shoulders, armholes by <Measure :nm="plan.frame.measure_nm" />. {{ plan.frame.why }}
        </p>
        <p>{{ plan.frame.range_why }}</p>
        <ChoiceField
            class="wider"
            label="Neck and shoulders go by"
            :options="leads"
            :model-value="choices.lead ?? plan.frame.lead"
            @update:model-value="emit('change', { lead: $event })"
        />
        <label class="adjust">
            <input
                type="checkbox"
                :checked="choices.adjust_bust ?? false"
                @change="emit('change', { adjust_bust: ($event.target as HTMLInputElement).checked || null })"
            />
            adjust the bust to neck and shoulders, whatever leads
        </label>
        <button v-if="choices.lead" type="button" class="link" @click="emit('change', { lead: null })">
            leave it to the cup
        </button>
        <p v-if="plan.bust_adjustment && plan.bust_adjustment.kind !== 'none'">
            <WordTap word="adjustment"
                >{{ plan.bust_adjustment.kind === 'full' ? 'Full' : 'Small' }} bust adjustment</WordTap
            >
            of
            <b><Measure :nm="Math.abs(plan.bust_adjustment.total_nm)" /></b>:
            <template v-if="plan.bust_adjustment.method === 'pivot'">
                pivot
                {{ plan.bust_adjustment.total_nm > 0 ? 'out' : 'in' }}
                <Measure :nm="Math.abs(plan.bust_adjustment.per_edge_nm)" /> at each of four edges.
            </template>
            <template v-else>
                slash and {{ plan.bust_adjustment.total_nm > 0 ? 'spread' : 'overlap' }}
                <Measure :nm="Math.abs(plan.bust_adjustment.per_front_half_nm)" /> on each front half.
            </template>
        </p>
        <p v-else-if="plan.bust_adjustment">No bust adjustment.</p>
    </section>
</template>
