<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, type Refused } from '../api/client';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import TextField from '../ui/TextField.vue';

const session = useSession();
const router = useRouter();
const current = ref('');
const password = ref('');
const refused = ref<Refused | null>(null);
const done = ref('');

async function attempt(change: () => Promise<unknown>, says: string): Promise<boolean> {
    done.value = '';
    refused.value = null;
    try {
        await change();
        current.value = password.value = '';
        done.value = says;
        return true;
    } catch (error) {
        refused.value = asRefused(error);
        return false;
    }
}

const changePassword = (): Promise<boolean> =>
    attempt(
        () => api.PUT('/api/me/password', { body: { current: current.value, password: password.value } }),
        'The password is changed; everywhere else you are signed out.',
    );

const signOutElsewhere = (): Promise<boolean> =>
    attempt(
        () => api.DELETE('/api/me/sessions', { body: { current: current.value } }),
        'Everywhere else you are signed out.',
    );

async function destroy(): Promise<void> {
    const sure = window.confirm(
        'Delete the account with every wearer, card, pattern and make in it? Nothing of it can be brought back.',
    );
    if (!sure || !(await attempt(() => api.DELETE('/api/me', { body: { current: current.value } }), '')))
        return;
    session.forget();
    await router.push({ name: 'sign-in' });
}
</script>

<template>
    <div class="account">
        <Crumbs><span>Account</span></Crumbs>
        <h1>{{ session.user?.name }}</h1>
        <p v-if="done" class="notice" role="status">{{ done }}</p>
        <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
            {{ refused.message }}
        </p>
        <TextField
            v-model="current"
            type="password"
            label="The password in use"
            hint="asked for with every change below"
            autocomplete="current-password"
            :fault="refused?.at('current')"
        />
        <p>
            <a href="/api/me/everything.zip" download>Everything that is kept here, as a file</a>
            <span class="hint"> (ZIP: wearers, cards, patterns, houses, makes)</span>
        </p>
        <form novalidate class="part" @submit.prevent="changePassword">
            <TextField
                v-model="password"
                type="password"
                label="A new password"
                hint="at least 12 letters, none that many people use; a few words are good"
                autocomplete="new-password"
                :fault="refused?.at('password')"
            />
            <Button type="submit" label="Change the password" outlined />
        </form>
        <div class="part">
            <Button type="button" label="Sign out everywhere else" outlined @click="signOutElsewhere" />
            <Button type="button" class="drastic" label="Delete the account" outlined @click="destroy" />
        </div>
    </div>
</template>

<style scoped>
.account {
    display: grid;
    gap: 18px;
    justify-items: start;
    max-width: 560px;
    margin: 24px auto 60px;
    padding: 0 24px;
}
.part {
    display: flex;
    flex-wrap: wrap;
    gap: 12px 18px;
    align-items: flex-start;
}
.drastic {
    color: var(--bad);
    border-color: var(--bad);
}
.part form,
form.part {
    flex-direction: column;
}
</style>
