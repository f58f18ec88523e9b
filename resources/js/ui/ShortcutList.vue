<script setup lang="ts">
import { onMounted, useTemplateRef, watch } from 'vue';
import { shortcuts } from './shortcuts';

const visible = defineModel<boolean>('visible', { required: true });
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
            <h2 id="keys-title">Keys</h2>
            <button type="button" class="link" @click="dialog?.close()">Close</button>
        </div>
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
    width: min(26rem, calc(100vw - 32px));
    max-height: calc(100vh - 48px);
    margin: auto;
    padding: 18px 22px 22px;
    border: 1.5px solid var(--ink);
    border-radius: 4px;
    background: var(--paper);
    color: var(--ink);
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
