<script setup lang="ts">
import Button from 'primevue/button';
import { nextTick, ref, useTemplateRef } from 'vue';
import type { PastedPart, PatternDocument, Unit } from '../api/types';
import { clipped } from './paste';
import { usePastedPart, type PartKind } from './usePastedPart';
import './grid.css';

const props = defineProps<{
    kind: PartKind;
    what: string;
    example: string;
    unit: Unit;
    pattern: PatternDocument;
}>();
const emit = defineEmits<{ take: [PastedPart['entries']] }>();

const words: Record<string, string> = { cm: 'centimetres', in: 'inches', m: 'metres', yd: 'yards' };
const isOpen = ref(false);
const typed = ref('');
const field = useTemplateRef<HTMLTextAreaElement>('field');
const { part, refusal, busy, read, isIn, drop } = usePastedPart(
    props.kind,
    () => props.unit,
    () => props.pattern,
);

async function open(): Promise<void> {
    isOpen.value = true;
    await nextTick();
    field.value?.focus();
}

function pasted(event: ClipboardEvent): void {
    const { text, html } = clipped(event);
    if (text.trim() === '') return;
    event.preventDefault();
    typed.value = text;
    void read(text, html);
}

function close(): void {
    drop();
    typed.value = '';
    isOpen.value = false;
}

function take(): void {
    if (part.value) emit('take', part.value.entries);
    close();
}
</script>

<template>
    <Button
        v-if="!isOpen"
        type="button"
        outlined
        size="small"
        :label="`Paste the table of ${what}`"
        @click="open"
    />
    <section v-else class="paste-part" :aria-label="`Paste the table of ${what}`">
        <template v-if="part === null">
            <label :for="`paste-${kind}`"
                ><b>Paste the table of {{ what }} here</b></label
            >
            <textarea
                :id="`paste-${kind}`"
                ref="field"
                v-model="typed"
                class="paste-box"
                rows="4"
                :placeholder="example"
                @paste="pasted"
            />
            <p v-if="refusal" class="fault" role="alert">{{ refusal }}</p>
            <div class="inline">
                <Button
                    type="button"
                    label="Read it"
                    size="small"
                    :disabled="typed.trim() === '' || busy"
                    @click="read(typed)"
                />
                <Button type="button" label="Leave it" text size="small" @click="close" />
            </div>
        </template>
        <template v-else>
            <p class="says" role="status">
                {{ part.rows.length === 1 ? 'One line was' : `${part.rows.length} lines were` }} understood.
                Nothing is in the pattern yet.
            </p>
            <div v-if="part.open_units.length > 0" class="inline">
                <b>What are the figures in?</b>
                <Button
                    v-for="one in part.open_units"
                    :key="one"
                    type="button"
                    outlined
                    size="small"
                    :label="words[one]"
                    @click="isIn(one)"
                />
            </div>
            <div v-if="part.rows.length > 0" class="grid-scroll">
                <table class="read">
                    <thead>
                        <tr>
                            <td />
                            <th v-for="name in part.head" :key="name" scope="col">{{ name }}</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="(row, r) in part.rows" :key="r" :class="{ doubted: row.doubt }">
                            <th scope="row">
                                {{ row.name }}
                                <p v-if="row.doubt" class="doubt">{{ row.doubt }}</p>
                            </th>
                            <td v-for="(cell, c) in row.cells" :key="c">{{ cell }}</td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <div v-if="part.left_out.length > 0">
                <h3>Left out</h3>
                <ul>
                    <li v-for="line in part.left_out" :key="line" class="hint">{{ line }}</li>
                </ul>
            </div>
            <div class="inline">
                <Button
                    type="button"
                    label="Put into the pattern"
                    :disabled="part.rows.length === 0 || part.open_units.length > 0"
                    @click="take"
                />
                <Button type="button" label="Leave it" text @click="close" />
            </div>
        </template>
    </section>
</template>

<style scoped>
.paste-part {
    display: grid;
    gap: 8px;
    justify-items: start;
    width: min(860px, 100%);
}
.read {
    border-collapse: collapse;
    font-variant-numeric: tabular-nums;
}
.read th,
.read td {
    padding: 4px 10px;
    text-align: left;
    font-weight: 450;
}
.read thead th {
    font-weight: 650;
}
.read .doubted {
    background: var(--doubt);
}
.doubt {
    font-size: 12.5px;
    max-width: 260px;
}
</style>
