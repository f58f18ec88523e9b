<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { eases, picks } from '../bench/choices';
import type { Choices, CompanyHead } from '../api/types';
import WordChoice from '../ui/WordChoice.vue';
import HeldPopover from '../ui/HeldPopover.vue';

/** What is chosen for one wearer otherwise than for all. */
const props = defineProps<{ head: CompanyHead; wearer: string; own: Choices }>();
const emit = defineEmits<{ change: [part: Partial<Choices> | null] }>();
const panel = ref<InstanceType<typeof HeldPopover> | null>(null);
/** A list of many wearers has no panel before it is asked for. */
const wanted = ref(false);
async function open(event: Event): Promise<void> {
    wanted.value = true;
    await nextTick();
    panel.value?.toggle(event, event.target);
}

const AS_ALL = '';
const named = (names: readonly string[]) => names.map((name) => ({ value: name, label: name }));
const asAll = { value: AS_ALL, label: 'as for all' };
const fields = computed(() =>
    [
        { key: 'view', label: 'view', options: named(props.head.views) },
        { key: 'fit', label: 'fit', options: named(props.head.fits) },
        { key: 'ease', label: 'sizes by', options: eases },
        { key: 'pick', label: 'sizes', options: picks },
    ].filter(({ options }) => options.length > 0),
);
const isOwn = computed(() => Object.keys(props.own).length > 0);
const said = computed(() =>
    fields.value
        .flatMap(({ key, options }) => {
            const value = props.own[key as keyof Choices];
            const option = options.find((one) => one.value === value);
            return option === undefined ? [] : [option.label];
        })
        .join(', '),
);

function set(key: string, value: string): void {
    const { [key as keyof Choices]: _, ...others } = props.own;
    const left = value === AS_ALL ? others : { ...others, [key]: value };
    emit('change', Object.keys(left).length > 0 ? left : null);
}
</script>

<template>
    <span class="own">
        <small v-if="isOwn">{{ said || 'own choices' }}</small>
        <button
            type="button"
            class="link"
            :aria-label="`${isOwn ? 'Change' : 'Choose otherwise'}: ${wearer}`"
            @click="open"
        >
            {{ isOwn ? 'change' : 'otherwise…' }}
        </button>
        <HeldPopover v-if="wanted" ref="panel" :label="`Choices for ${wearer}`">
            <div class="panel" role="group" :aria-label="`Choices for ${wearer}`">
                <WordChoice
                    v-for="{ key, label, options } in fields"
                    :key="key"
                    :label="label"
                    :options="[asAll, ...options]"
                    :model-value="String(own[key as keyof Choices] ?? AS_ALL)"
                    @update:model-value="set(key, $event)"
                />
                <button v-if="isOwn" type="button" class="link" @click="emit('change', null)">
                    all as for all
                </button>
            </div>
        </HeldPopover>
    </span>
</template>

<style scoped>
.own {
    display: block;
    font-weight: 400;
}
.own small {
    display: block;
    color: var(--ink);
}
.own .link {
    padding: 0;
}
.panel {
    display: grid;
    gap: 10px;
    justify-items: start;
}
@media print {
    .own .link {
        display: none;
    }
}
</style>
