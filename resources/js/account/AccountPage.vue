<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref, shallowRef } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Device } from '../api/types';
import BringBackPart from './BringBackPart.vue';
import { heldWords } from './holds';
import { day } from '../measure/age';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import TextField from '../ui/TextField.vue';

const session = useSession();
const router = useRouter();
const current = ref('');
const password = ref('');
const refused = ref<Refused | null>(null);
const done = ref('');

/** What worked with the password in use asks for it again the next time; what needs none leaves it where it is typed. */
async function changed(change: () => Promise<unknown>, says: string): Promise<boolean> {
    const isDone = await attempt(change, says);
    if (isDone) current.value = '';
    return isDone;
}

async function attempt(change: () => Promise<unknown>, says: string): Promise<boolean> {
    done.value = '';
    refused.value = null;
    try {
        await change();
        done.value = says;
        return true;
    } catch (error) {
        refused.value = asRefused(error);
        return false;
    }
}

async function changePassword(): Promise<void> {
    const isDone = await changed(
        () => session.setPassword(current.value, password.value),
        'The password is changed; everywhere else you are signed out.',
    );
    if (isDone) password.value = '';
}

/** Shown this once: only what they are recognised by is kept. */
const codes = ref<string[]>([]);
async function makeCodes(): Promise<void> {
    const typed = current.value;
    await changed(async () => {
        codes.value = await api
            .POST('/api/me/recovery-codes', { body: { current: typed } })
            .then(body)
            .then((made) => made.codes);
        if (session.user) session.open({ ...session.user, recovery_codes: codes.value.length });
    }, 'Ten codes are below. Write them down or print them now: they are not shown again.');
}

const devices = shallowRef<Device[]>([]);
async function findDevices(): Promise<void> {
    devices.value = await api
        .GET('/api/me/devices')
        .then(body)
        .then((list) => list.devices)
        .catch(() => []);
}
onMounted(findDevices);
async function signOutDevice(device: Device): Promise<void> {
    const params = { path: { device: device.id } };
    await attempt(() => api.DELETE('/api/me/devices/{device}', { params }), `${device.agent} is signed out.`);
    await findDevices();
}

const signOutElsewhere = (): Promise<boolean> =>
    changed(
        () => api.DELETE('/api/me/sessions', { body: { current: current.value } }),
        'Everywhere else you are signed out.',
    );

/** What goes with the account, told before it goes. */
const holds = shallowRef<string | null>(null);
async function tellWhatGoes(): Promise<void> {
    await attempt(async () => {
        const held = await api.GET('/api/me/holds').then(body);
        holds.value = heldWords(held);
    }, '');
}

async function destroy(): Promise<void> {
    if (!(await attempt(() => api.DELETE('/api/me', { body: { current: current.value } }), ''))) return;
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
        <BringBackPart />
        <form novalidate class="part" @submit.prevent="changePassword">
            <TextField
                v-model="password"
                type="password"
                label="A new password"
                hint="at least 12 letters: a few words of your own, not your name, nothing that repeats itself or counts up"
                autocomplete="new-password"
                :fault="refused?.at('password')"
            />
            <Button type="submit" label="Change the password" outlined />
        </form>
        <section class="part down" aria-labelledby="codes-title">
            <h2 id="codes-title">If the password is lost</h2>
            <p class="hint">
                No mail is sent from here. A recovery code opens the account to a new password, each of ten
                once; {{ session.user?.recovery_codes ?? 0 }} are left.
            </p>
            <ol v-if="codes.length > 0" class="codes" aria-label="Recovery codes">
                <li v-for="one in codes" :key="one">{{ one }}</li>
            </ol>
            <Button type="button" label="Make ten codes" outlined @click="makeCodes" />
        </section>
        <section v-if="devices.length > 0" class="part down" aria-labelledby="devices-title">
            <h2 id="devices-title">Signed in</h2>
            <ul class="devices">
                <li v-for="device in devices" :key="device.id">
                    {{ device.agent }}
                    <small>{{
                        device.is_here ? 'here' : `last seen ${day(device.seen_at.slice(0, 10))}`
                    }}</small>
                    <button
                        v-if="!device.is_here"
                        type="button"
                        class="link"
                        :aria-label="`Sign out ${device.agent}, last seen ${day(device.seen_at.slice(0, 10))}`"
                        @click="signOutDevice(device)"
                    >
                        Sign out
                    </button>
                </li>
            </ul>
        </section>
        <div class="part">
            <Button type="button" label="Sign out everywhere else" outlined @click="signOutElsewhere" />
            <Button
                v-if="holds === null"
                type="button"
                class="drastic"
                label="Delete the account…"
                outlined
                @click="tellWhatGoes"
            />
        </div>
        <section v-if="holds !== null" class="part down" aria-labelledby="goes-title">
            <h2 id="goes-title">What goes with the account</h2>
            <p role="status">{{ holds }} Nothing of it can be brought back.</p>
            <p>
                <a href="/api/me/everything.zip" download>Take everything as a file first</a>
            </p>
            <div class="part">
                <Button type="button" class="drastic" label="Delete it all" outlined @click="destroy" />
                <Button type="button" text label="Keep it" @click="holds = null" />
            </div>
        </section>
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
.part.down {
    flex-direction: column;
    gap: 8px;
}
.codes {
    columns: 2;
    column-gap: 36px;
    padding-left: 24px;
    font-size: 17px;
    font-variant-numeric: tabular-nums;
}
.devices {
    list-style: none;
    padding: 0;
}
.devices small {
    margin: 0 12px 0 6px;
    color: var(--quiet);
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
