<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { forgetUnsent, unsentReadings } from './measure/unsent';
import { day } from './measure/age';
import { useSession } from './state/session';
import UnitSwitch from './ui/UnitSwitch.vue';
import { useShortcuts } from './ui/shortcuts';
import { spoken } from './ui/spoken';
import { useKeptFocus } from './ui/useKeptFocus';
import { usePageHead } from './ui/usePageHead';

// Seldom asked for: it comes when it is called.
const ShortcutList = defineAsyncComponent(() => import('./ui/ShortcutList.vue'));

const session = useSession();
const router = useRouter();
const listing = ref(false);
const main = ref<HTMLElement | null>(null);
const crumbs = ref<HTMLElement | null>(null);
/** While a clip is dragged only what it comes to is heard. */
const heard = refDebounced(spoken, 500);
useKeptFocus(main);
usePageHead(
    main,
    crumbs,
    computed(() => router.currentRoute.value.path),
);
const today = day(new Date().toISOString().slice(0, 10));

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
            <RouterLink :to="{ name: 'practice' }">Practice</RouterLink>
            <span id="crumbs" ref="crumbs" />
        </nav>
        <span v-if="session.user" class="printed-on">{{ session.user.name }}, printed {{ today }}</span>
        <div v-if="session.user" class="tools">
            <UnitSwitch />
            <RouterLink class="me" :to="{ name: 'account' }">Account</RouterLink>
            <button
                type="button"
                aria-haspopup="dialog"
                aria-label="What can be done here, and keys"
                @click="listing = true"
            >
                ?
            </button>
            <button type="button" @click="signOut">Sign out</button>
        </div>
    </header>
    <p class="sr-only" role="status" aria-live="polite">{{ heard }}</p>
    <main ref="main">
        <!-- Another record is another page: what was read for one is not shown for the next. -->
        <RouterView :key="$route.path" />
    </main>
    <ShortcutList v-if="listing" v-model:visible="listing" :page="String($route.name)" />
</template>

<style scoped>
.bar {
    display: flex;
    align-items: center;
    gap: 0 18px;
    min-height: 44px;
    padding: 0 20px;
    background: var(--paper);
    border-bottom: 1.5px solid var(--ink);
}
.bar .brand {
    line-height: 32px;
    font-size: 18px;
    font-weight: 750;
    text-decoration: none;
    letter-spacing: -0.02em;
}
.bar nav a,
#crumbs :deep(a) {
    display: inline-flex;
    align-items: center;
    min-height: 32px;
}
.bar nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0 18px;
    min-width: 0;
}
.bar .tools {
    display: flex;
    align-items: center;
    gap: 6px;
    margin-left: auto;
}
.bar .tools > button {
    padding: 4px 10px;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 14px;
    font-weight: 600;
    white-space: nowrap;
    cursor: pointer;
}
.bar .tools > .me {
    padding: 4px 6px;
    font-size: 14px;
    font-weight: 600;
    text-decoration: none;
}
.bar .tools > button:hover {
    background: var(--dot);
}
#crumbs {
    display: flex;
    align-items: center;
    flex-wrap: wrap;
    gap: 0 18px;
    min-width: 0;
    color: var(--quiet);
}
/* On the phone two rows, each as high as a thumb; the lower one is pushed sideways where it is long. */
@media screen and (max-width: 560px) {
    .bar {
        flex-wrap: wrap;
        gap: 0 6px;
        padding: 0 16px;
    }
    .bar .brand {
        line-height: 44px;
    }
    .bar nav {
        order: 3;
        flex: 0 0 100%;
        flex-wrap: nowrap;
        overflow-x: auto;
        scrollbar-width: none;
    }
    #crumbs {
        flex-wrap: nowrap;
        white-space: nowrap;
    }
    .bar nav a,
    #crumbs :deep(a) {
        min-height: 44px;
    }
    .bar .tools {
        gap: 0;
    }
    .bar .tools > button,
    .bar .tools > .me {
        display: inline-flex;
        align-items: center;
        min-height: 44px;
        padding: 0 8px;
    }
    /* There are no keys. */
    .bar .tools > [aria-haspopup='dialog'] {
        display: none;
    }
}
@media print {
    .bar .tools {
        display: none;
    }
}
</style>
