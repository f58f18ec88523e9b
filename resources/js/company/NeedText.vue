<script setup lang="ts">
import type { CompanyRow } from '../api/types';
import Measure from '../ui/Measure.vue';

/** Cloth or a notion, as it is bought. */
defineProps<{ need: CompanyRow['needs'][number] }>();
</script>

<template>
    <span
        ><template v-if="need.width_nm !== null"
            ><template v-if="need.view">{{ need.view }}: </template>{{ need.text ?? ''
            }}<Measure v-if="need.text === null" :nm="need.amount_nm" /> of
            <Measure :nm="need.width_nm" /></template
        ><template v-else>{{ need.name }} {{ need.text }}</template></span
    >
</template>
