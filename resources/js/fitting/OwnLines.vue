<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Fitting, OwnLine } from '../api/types';
import CellInput from '../ui/CellInput.vue';

/** Any line: measured on oneself, and on the paper between its stitching lines. */
const props = defineProps<{
    page: Fitting;
    lines: OwnLine[];
    faultAt: (field: string) => string | null;
}>();
const emit = defineEmits<{
    change: [lines: OwnLine[]];
    found: [finding: { place: string; what: string; amount: string; note: string }];
}>();

const worked = (name: string) => props.page.own_lines.find((one) => one.name === name);
const usual: { name: string; place: OwnLine['place'] }[] = [
    { name: 'shoulder width', place: 'shoulder' },
    { name: 'neck depth', place: 'neck' },
    { name: 'armhole', place: 'armhole' },
    { name: 'back width', place: 'back' },
];
const unused = computed(() => usual.filter(({ name }) => !props.lines.some((line) => line.name === name)));

function set(index: number, part: Partial<OwnLine>): void {
    emit(
        'change',
        props.lines.map((line, i) => (i === index ? { ...line, ...part } : line)),
    );
}
const text = (typed: string): string | null => (typed === '' ? null : typed);
</script>

<template>
    <section class="own-lines" aria-labelledby="own-title">
        <h2 id="own-title">Measure it on yourself, measure it on the paper</h2>
        <table v-if="lines.length > 0" class="entry">
            <thead>
                <tr>
                    <th scope="col">line</th>
                    <th scope="col">at the</th>
                    <th scope="col">on you</th>
                    <th scope="col">room</th>
                    <th scope="col">on the paper</th>
                    <th scope="col">so</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(line, i) in lines" :key="i">
                    <td>
                        <CellInput
                            wide
                            :value="line.name"
                            :label="`name of line ${i + 1}`"
                            :fault="faultAt(`fitting.own_lines[${i}].name`)"
                            @change="set(i, { name: $event })"
                        />
                    </td>
                    <td>
                        <select
                            :value="line.place"
                            :aria-label="`place of ${line.name}`"
                            @change="
                                set(i, {
                                    place: ($event.target as HTMLSelectElement).value as OwnLine['place'],
                                })
                            "
                        >
                            <option v-for="place in page.places" :key="place.key" :value="place.key">
                                {{ place.words }}
                            </option>
                        </select>
                    </td>
                    <td v-for="key in ['body', 'ease', 'paper'] as const" :key="key">
                        <CellInput
                            :value="line[key]"
                            :label="`${line.name}, ${{ body: 'on you', ease: 'room', paper: 'on the paper' }[key]}`"
                            :fault="faultAt(`fitting.own_lines[${i}].${key}`)"
                            @change="set(i, { [key]: text($event) })"
                        />
                    </td>
                    <td class="so">
                        <template v-if="worked(line.name)">
                            {{ worked(line.name)!.words }}
                            <button
                                v-if="worked(line.name)!.amount"
                                type="button"
                                class="link"
                                @click="
                                    emit('found', {
                                        place: worked(line.name)!.place,
                                        what: worked(line.name)!.what,
                                        amount: worked(line.name)!.amount!,
                                        note: `${line.name}: ${worked(line.name)!.words}`,
                                    })
                                "
                            >
                                note it as a change
                            </button>
                        </template>
                        <span v-else class="hint">measure both</span>
                    </td>
                </tr>
            </tbody>
        </table>
        <p class="inline">
            <Button
                v-for="one in unused"
                :key="one.name"
                type="button"
                size="small"
                text
                :label="`+ ${one.name}`"
                @click="emit('change', [...lines, one])"
            />
            <Button
                type="button"
                size="small"
                text
                label="+ another line"
                @click="emit('change', [...lines, { name: `line ${lines.length + 1}`, place: 'bust' }])"
            />
        </p>
    </section>
</template>

<style scoped>
.own-lines {
    display: grid;
    gap: 8px;
    overflow-x: auto;
}
.entry select {
    width: 120px;
}
.so {
    min-width: 190px;
    font-size: 14px;
}
</style>
