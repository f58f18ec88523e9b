<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { forgetUnsent, unsentReadings } from './measure/unsent';
import { useSession } from './state/session';
import UnitSwitch from './ui/UnitSwitch.vue';
import { useShortcuts } from './ui/shortcuts';

// Seldom asked for, and it brings the dialog with it: it comes when it is called.
const ShortcutList = defineAsyncComponent(() => import('./ui/ShortcutList.vue'));

const session = useSession();
const router = useRouter();
const listing = ref(false);

useShortcuts([
    { key: 'u', shown: 'U', does: 'centimetres or inches', run: () => void session.switchUnit() },
    { key: 'Shift+?', shown: '?', does: 'this list', run: () => (listing.value = true) },
]);

async function signOut(): Promise<void> {
    const open = unsentReadings().length;
    if (
        open > 0 &&
        !window.confirm(`${open} typed figures are not sent yet and will be lost. Sign out all the same?`)
    )
        return;
    forgetUnsent();
    await session.close();
    await router.push({ name: 'sign-in' });
}
</script>

<template>
    <header class="bar">
        <RouterLink class="brand" :to="{ name: session.user ? 'workroom' : 'sign-in' }">underbolt</RouterLink>
        <nav v-if="session.user" aria-label="Main">
            <RouterLink :to="{ name: 'workroom' }">Workroom</RouterLink>
            <span id="crumbs" />
        </nav>
        <div v-if="session.user" class="tools">
            <UnitSwitch />
            <button type="button" aria-label="Keyboard shortcuts" @click="listing = true">?</button>
            <button type="button" @click="signOut">Sign out</button>
        </div>
    </header>
    <main>
        <RouterView />
    </main>
    <ShortcutList v-if="listing" v-model:visible="listing" />
</template>
