<script setup lang="ts">
import { computed } from 'vue';
import type { Unit } from '../api/types';
import { useSession } from '../state/session';
import { figure } from './figure';

const props = defineProps<{
    nm: number | null;
    signed?: boolean;
    places?: number;
    bare?: boolean;
    /** Where figures stand beside what was typed in a unit of its own; else the one in use. */
    in?: Unit;
}>();
const session = useSession();
const unit = computed(() => props.in ?? session.unit);
const parts = computed(() =>
    props.nm === null
        ? null
        : figure(props.nm, unit.value, {
              signed: props.signed,
              ...(props.places === undefined ? {} : { places: props.places }),
          }),
);
const whole = computed(() => {
    const { sign, whole: digits, fraction } = parts.value ?? { sign: '', whole: '–', fraction: '' };
    return `${sign}${digits}${digits !== '' && fraction !== '' ? '\u00a0' : ''}`;
});
</script>

<template>
    <span class="measure">
        <span class="whole">{{ whole }}</span><span v-if="parts?.fraction" class="frac">{{
            parts.fraction
        }}</span
        ><span v-if="parts && !bare" class="unit">&nbsp;{{ unit }}</span>
    </span>
</template>
