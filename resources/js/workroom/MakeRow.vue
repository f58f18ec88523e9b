<script setup lang="ts">
import type { BinEntry, Workroom } from '../api/types';
import MiniLine from '../seam/MiniLine.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import { cardWords } from '../measure/age';

/** A make in the workroom: who, from what, and how it stands. */
defineProps<{ make: Workroom['makes'][number]; remove: () => Promise<BinEntry> }>();
const emit = defineEmits<{ deleted: [] }>();
</script>

<template>
    <li>
        <MiniLine :line="make.line" />
        <RouterLink :to="{ name: 'bench', params: { id: make.id } }">
            <span
                ><b>{{ make.wearer }}</b>
                <small v-if="make.stage" class="stage">{{ make.stage }}</small></span
            >
            <span class="what"
                >{{ make.name || make.pattern }}
                <small>{{
                    cardWords({ taken_on: make.card_taken_on, foundation: make.card_foundation })
                }}</small></span
            >
            <span v-if="make.headline" class="says">{{ make.headline }}</span>
            <span v-else class="says waits">Waits: {{ make.waits_for }}</span>
            <span class="count">{{
                make.cautions === 0 ? '' : make.cautions === 1 ? '1 caution' : `${make.cautions} cautions`
            }}</span>
        </RouterLink>
        <DeleteButton
            :name="`${make.wearer}, ${make.name || make.pattern}`"
            along=""
            :remove="remove"
            @deleted="emit('deleted')"
        />
    </li>
</template>

<style scoped>
li {
    display: flex;
    align-items: center;
}
.rows li > a {
    display: grid;
    grid-template-columns: 190px 180px 1fr max-content;
}
.stage {
    display: block;
    font-weight: 600;
}
.count {
    color: var(--quiet);
}
.waits {
    color: var(--body);
}
@media (max-width: 1100px) {
    .rows li > a {
        grid-template-columns: 1fr 1fr;
    }
    .says {
        grid-column: 1 / -1;
    }
}
</style>
