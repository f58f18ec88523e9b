<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Fitting } from '../api/types';
import { foundOn, inHand, isTried, tracings } from './tracings';

/** All tracings, the one in hand marked, each with what is drawn on it. */
const props = defineProps<{ page: Fitting }>();
const emit = defineEmits<{
    take: [tracing: number];
    tried: [];
    tick: [index: number, piece: string];
    remove: [index: number];
}>();

const now = computed(() => inHand(props.page.document));
const all = computed(() => tracings(props.page.document));
const goesInto = { line: 'in the line', length: 'in the length', step: 'a step of its own' };
const how = (index: number) => props.page.findings[index];
const isDone = (tracing: number): boolean => (props.page.document.tried ?? 0) >= tracing;
</script>

<template>
    <ol class="tracings">
        <li v-for="tracing in all" :key="tracing" :class="{ now: tracing === now, undone: tracing > now }">
            <div class="head">
                <b>Tracing {{ tracing }}</b>
                <span class="what">
                    {{
                        tracing > now
                            ? 'stepped back from'
                            : tracing === now
                              ? isTried(page.document)
                                  ? 'in hand, tried on'
                                  : 'in hand'
                              : isDone(tracing)
                                ? 'tried on'
                                : ''
                    }}
                </span>
                <Button
                    v-if="tracing === now && !isTried(page.document)"
                    type="button"
                    size="small"
                    outlined
                    :label="tracing === 1 ? 'Tried on: nothing to change' : 'Tried on'"
                    @click="emit('tried')"
                />
                <Button
                    v-else-if="tracing !== now"
                    type="button"
                    size="small"
                    text
                    :label="tracing < now ? `Step back to ${tracing}` : `Take ${tracing} again`"
                    @click="emit('take', tracing)"
                />
            </div>
            <p v-if="tracing === 1" class="what">The plan’s line, as the bench draws it.</p>
            <ul>
                <li v-for="{ finding, index } in foundOn(page.document, tracing)" :key="index">
                    <span class="found">{{ how(index)?.words }}</span>
                    <small class="into">{{ goesInto[how(index)?.goes_into ?? 'step'] }}</small>
                    <small v-if="how(index)?.stands === 'closed'" class="closed">closed</small>
                    <button type="button" class="link" @click="emit('remove', index)">
                        take back<span class="sr-only"> {{ how(index)?.words }}</span>
                    </button>
                    <p v-if="finding.note" class="what">{{ finding.note }}</p>
                    <p v-if="(finding.pieces ?? []).length > 0" class="pieces">
                        <label v-for="piece in finding.pieces" :key="piece">
                            <input
                                type="checkbox"
                                :checked="(finding.done ?? []).includes(piece)"
                                @change="emit('tick', index, piece)"
                            />{{ piece }}
                        </label>
                    </p>
                </li>
            </ul>
        </li>
    </ol>
</template>

<style scoped>
.tracings {
    display: grid;
    gap: 10px;
}
.tracings > li {
    padding: 8px 12px;
    border-left: 4px solid var(--rule);
    background: var(--paper);
}
.tracings > li.now {
    border-color: var(--ink);
}
.tracings > li.undone .found,
.tracings > li.undone .head b {
    text-decoration: line-through;
    color: var(--quiet);
}
.head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    min-height: 34px;
}
.head b {
    font-size: 17px;
}
li p {
    margin: 2px 0;
}
ul > li {
    padding: 6px 0;
}
.found {
    font-weight: 600;
    margin-right: 10px;
}
.into,
.closed {
    margin-right: 10px;
    color: var(--quiet);
}
.closed::before {
    content: '✓ ';
}
.pieces {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    font-size: 14px;
}
</style>
