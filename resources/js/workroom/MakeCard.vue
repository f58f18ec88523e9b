<script setup lang="ts">
import type { BinEntry, Workroom } from '../api/types';
import MiniLine from '../seam/MiniLine.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import MoreMenu from '../ui/MoreMenu.vue';
import { day } from '../measure/age';
import { standing } from './steps';

/** A make in the workroom: who, from what, how it stands. */
defineProps<{ make: Workroom['makes'][number]; remove: () => Promise<BinEntry> }>();
const emit = defineEmits<{ deleted: [] }>();
</script>

<template>
    <li class="make-card">
        <RouterLink :to="{ name: 'bench', params: { id: make.id } }">
            <MiniLine :line="make.line" />
            <span class="words">
                <span
                    ><b>{{ make.wearer }}</b> <span class="what">{{ make.name || make.pattern }}</span></span
                >
                <span v-if="make.headline" class="says">{{ make.headline }}</span>
                <span v-else class="says waits">{{ make.waits_for }}</span>
                <span class="what"
                    ><template v-if="make.headline">{{ standing(make) }} · </template
                    >{{ day(make.card_taken_on) }}</span
                >
            </span>
        </RouterLink>
        <MoreMenu :of="`${make.wearer}, ${make.name || make.pattern}`">
            <DeleteButton
                :name="`${make.wearer}, ${make.name || make.pattern}`"
                along=""
                :remove="remove"
                @deleted="emit('deleted')"
            />
        </MoreMenu>
    </li>
</template>

<style scoped>
.make-card {
    position: relative;
    display: flex;
    border: 1.5px solid var(--rule);
    border-radius: 3px;
    background: var(--paper);
}
.make-card > a {
    display: flex;
    flex: 1;
    gap: 10px;
    min-width: 0;
    padding: 8px 34px 8px 10px;
    text-decoration: none;
}
.make-card > a:hover {
    background: var(--raise);
}
.words {
    display: grid;
    gap: 1px;
    align-content: start;
    font-size: 14px;
}
.says {
    font-weight: 600;
}
.waits {
    color: var(--body);
}
.make-card > .more-menu {
    position: absolute;
    top: 2px;
    right: 2px;
}
@media (max-width: 700px) {
    .make-card > a {
        padding-right: 46px;
    }
}
</style>
