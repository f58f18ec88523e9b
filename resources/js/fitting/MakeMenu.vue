<script setup lang="ts">
import Button from 'primevue/button';
import { ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { asRefused, type Refused } from '../api/client';
import type { Make, Workroom } from '../api/types';
import ChoiceField from '../ui/ChoiceField.vue';
import TextField from '../ui/TextField.vue';
import { begun, named, whatThereIs } from './makeNames';
import type { Ask } from './useOffers';
import HeldPopover from '../ui/HeldPopover.vue';

/** What a make is called, and the next one begun from it. */
const props = defineProps<{ make: Make; ask: Ask }>();
const router = useRouter();
const panel = ref<InstanceType<typeof HeldPopover> | null>(null);
const name = ref('');
const note = ref('');
const card = ref<number | null>(null);
const pattern = ref<number | null>(null);
const workroom = shallowRef<Workroom | null>(null);
const refused = ref<Refused | null>(null);

async function open(event: Event): Promise<void> {
    name.value = props.make.name;
    note.value = props.make.note;
    refused.value = null;
    panel.value?.toggle(event);
    workroom.value ??= await whatThereIs();
}

async function keep(): Promise<void> {
    const names = { name: name.value.trim(), note: note.value.trim() };
    refused.value = await props.ask(named(props.make.id, names));
    if (refused.value === null) panel.value?.hide();
}

async function begin(from: { card_id?: number | null; pattern_id?: number | null }): Promise<void> {
    refused.value = null;
    try {
        const made = await begun(props.make.id, from);
        panel.value?.hide();
        await router.push({ name: 'bench', params: { id: made.id } });
    } catch (error) {
        refused.value = asRefused(error);
    }
}

const others = () =>
    (workroom.value?.wearers ?? [])
        .filter(({ id }) => id !== props.make.wearer_id)
        .flatMap(({ name: who, cards }) => cards.slice(0, 1).map(({ id }) => ({ label: who, value: id })));
const patterns = () =>
    (workroom.value?.patterns ?? [])
        .filter(({ id }) => id !== props.make.pattern_id)
        .map(({ id, name: label }) => ({ label, value: id }));
</script>

<template>
    <Button :label="make.name === '' ? 'Name, copy…' : 'Rename, copy…'" text size="small" @click="open" />
    <HeldPopover ref="panel" label="Name and copies of this make">
        <div class="make-menu">
            <form novalidate @submit.prevent="keep">
                <TextField v-model="name" label="Name of this make" :fault="refused?.at('name')" />
                <TextField v-model="note" label="One sentence on it" :fault="refused?.at('note')" />
                <Button type="submit" size="small" label="Keep" />
            </form>
            <hr />
            <Button
                type="button"
                size="small"
                outlined
                label="Again, with what was learned"
                @click="begin({})"
            />
            <form v-if="others().length > 0" novalidate @submit.prevent="begin({ card_id: card })">
                <ChoiceField
                    v-model="card"
                    label="The same for"
                    :options="others()"
                    placeholder="another wearer"
                    :fault="refused?.at('card_id')"
                />
                <Button type="submit" size="small" outlined label="Begin" :disabled="card === null" />
            </form>
            <form v-if="patterns().length > 0" novalidate @submit.prevent="begin({ pattern_id: pattern })">
                <ChoiceField
                    v-model="pattern"
                    :label="`For ${make.wearer} from`"
                    :options="patterns()"
                    placeholder="another pattern"
                    :fault="refused?.at('pattern_id')"
                />
                <Button type="submit" size="small" outlined label="Begin" :disabled="pattern === null" />
            </form>
            <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
                {{ refused.message }}
            </p>
        </div>
    </HeldPopover>
</template>

<style scoped>
.make-menu {
    display: grid;
    gap: 12px;
    max-width: 380px;
}
form {
    display: grid;
    gap: 8px;
    justify-items: start;
}
hr {
    width: 100%;
    border: 0;
    border-top: 1px solid var(--rule);
}
</style>
