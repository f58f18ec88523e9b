<script setup lang="ts">
import { computed } from 'vue';
import type { BinEntry, Workroom } from '../api/types';
import MiniLine from '../seam/MiniLine.vue';
import DeleteButton from '../ui/DeleteButton.vue';
import MoreMenu from '../ui/MoreMenu.vue';
import { day } from '../measure/age';
import { standing } from './steps';

/** A make in the workroom: who, from what, its plan or what it waits for, how it stands. Every row is as high as the next. */
const props = defineProps<{ make: Workroom['makes'][number]; remove: () => Promise<BinEntry> }>();
const emit = defineEmits<{ deleted: [] }>();
const what = computed(() => props.make.name || props.make.pattern);
const stands = computed(() =>
    [standing(props.make), day(props.make.card_taken_on)].filter((words) => words !== '').join(' · '),
);
</script>

<template>
    <li class="make-row">
        <RouterLink :to="{ name: 'bench', params: { id: make.id } }">
            <MiniLine :line="make.line" />
            <span class="who"
                ><b>{{ make.wearer }}</b> <span class="what">{{ what }}</span></span
            >
            <span class="stands what">{{ stands }}</span>
            <span v-if="make.headline" class="says" :title="make.headline">{{ make.headline }}</span>
            <span v-else class="says waits" :title="make.waits_for ?? ''">{{ make.waits_for }}</span>
        </RouterLink>
        <MoreMenu :of="`${make.wearer}, ${what}`">
            <DeleteButton
                :name="`${make.wearer}, ${what}`"
                along=""
                :remove="remove"
                @deleted="emit('deleted')"
            />
        </MoreMenu>
    </li>
</template>

<style scoped>
.make-row {
    display: flex;
    align-items: center;
    border-bottom: 1px solid var(--rule);
    background: var(--paper);
}
.make-row > a {
    display: grid;
    grid-template: 'line who stands' 20px 'line says says' 22px / 26px minmax(0, 1fr) auto;
    flex: 1;
    gap: 0 12px;
    align-content: center;
    min-width: 0;
    height: 54px;
    padding: 0 0 0 8px;
    font-size: 14px;
    line-height: 20px;
    text-decoration: none;
}
.make-row > a:hover {
    background: var(--raise);
}
.mini-line {
    grid-area: line;
}
.who,
.says,
.stands {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.who {
    grid-area: who;
}
.stands {
    grid-area: stands;
    font-size: 13.5px;
}
.says {
    grid-area: says;
    font-size: 15px;
    font-weight: 600;
}
.waits {
    color: var(--body);
}
/* Where a line is too short for it, it is told on as many as it needs, and the list has rows as high as its highest. */
@media print {
    .who,
    .says,
    .stands {
        white-space: normal;
    }
    .make-row > a {
        grid-template-rows: auto auto;
        height: auto;
    }
}
@media (max-width: 700px) {
    .make-row > a {
        grid-template: 'line who' auto 'line says' auto 'line stands' auto / 26px minmax(0, 1fr);
        height: auto;
        padding-block: 6px;
    }
    .who,
    .says,
    .stands {
        white-space: normal;
    }
}
</style>
