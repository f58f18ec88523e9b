<script setup lang="ts">
import { computed, onMounted, useTemplateRef, watch } from 'vue';
import { pageHelp } from './pageHelp';
import { shortcuts } from './shortcuts';

const visible = defineModel<boolean>('visible', { required: true });
const props = defineProps<{ page: string }>();
const help = computed(() => pageHelp[props.page]);
const dialog = useTemplateRef<HTMLDialogElement>('dialog');
const follow = (): void => {
    if (visible.value) dialog.value?.showModal();
    else dialog.value?.close();
};
onMounted(follow);
watch(visible, follow);
</script>

<template>
    <!-- The browser keeps the focus in it, closes it with Esc and gives the focus back. -->
    <dialog ref="dialog" class="key-list" aria-labelledby="keys-title" @close="visible = false">
        <div class="head">
            <h2 id="keys-title">{{ help?.page ?? 'Keys' }}: what can be done here</h2>
            <button type="button" class="link" @click="dialog?.close()">Close</button>
        </div>
        <ul v-if="help" class="can">
            <li v-for="one in help.can" :key="one">{{ one }}</li>
        </ul>
        <h3>Keys</h3>
        <dl class="keys">
            <template v-for="shortcut in shortcuts" :key="shortcut.shown">
                <dt>
                    <kbd>{{ shortcut.shown }}</kbd>
                </dt>
                <dd>{{ shortcut.does }}</dd>
            </template>
        </dl>
    </dialog>
</template>

<style scoped>
.key-list {
    width: min(34rem, calc(100vw - 32px));
    max-height: calc(100vh - 48px);
    margin: auto;
    padding: 18px 22px 22px;
    border: 1.5px solid var(--ink);
    border-radius: 4px;
    background: var(--paper);
    color: var(--ink);
}
.can {
    display: grid;
    gap: 6px;
    margin: 0 0 16px;
    padding-left: 18px;
    list-style: disc;
    line-height: 1.35;
}
h3 {
    margin: 0 0 8px;
    font-size: 15px;
}
.key-list::backdrop {
    background: rgb(0 0 0 / 40%);
}
.head {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    margin-bottom: 14px;
}
</style>
