<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { shortcuts } from './shortcuts';

const visible = defineModel<boolean>('visible', { required: true });
</script>

<template>
    <Dialog v-model:visible="visible" modal header="Keys" :style="{ width: '26rem' }">
        <dl class="keys">
            <template v-for="shortcut in shortcuts" :key="shortcut.shown">
                <dt>
                    <kbd>{{ shortcut.shown }}</kbd>
                </dt>
                <dd>{{ shortcut.does }}</dd>
            </template>
        </dl>
    </Dialog>
</template>
