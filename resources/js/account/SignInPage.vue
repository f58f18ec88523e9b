<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { User } from '../api/types';
import { useSession } from '../state/session';
import { focusFault } from '../ui/focusFault';
import TextField from '../ui/TextField.vue';
import DoorPicture from './DoorPicture.vue';

const session = useSession();
const router = useRouter();
const route = useRoute();
const isDemo = document.querySelector<HTMLMetaElement>('meta[name="demo"]')?.content === 'yes';

/** What is asked for at the door: to sign in, a new account, or a new password by a recovery code. */
const asks = ref<'sign-in' | 'register' | 'recover'>('sign-in');
const registering = computed(() => asks.value === 'register');
const words = {
    'sign-in': { title: 'Sign in', press: 'Sign in' },
    register: { title: 'Make an account', press: 'Make the account' },
    recover: { title: 'A new password', press: 'Take the new password' },
} as const;
const code = ref('');
const name = ref('');
const email = ref('');
const password = ref('');
const stay = ref(false);
const busy = ref(false);
const refused = ref<Refused | null>(null);

async function enter(ask: () => Promise<User>): Promise<void> {
    busy.value = true;
    refused.value = null;
    try {
        session.open(await ask());
        const wanted = route.query.to;
        await router.push(
            typeof wanted === 'string' && wanted.startsWith('/') ? wanted : { name: 'workroom' },
        );
    } catch (error) {
        refused.value = asRefused(error);
        void focusFault();
    } finally {
        busy.value = false;
    }
}

const demo = (): Promise<void> => enter(() => api.POST('/api/demo').then(body));

/** The hand goes on in the first field of what has come. */
async function turn(to: 'sign-in' | 'register' | 'recover'): Promise<void> {
    asks.value = to;
    refused.value = null;
    await nextTick();
    document.querySelector<HTMLInputElement>('.panel input')?.focus();
}

function submit(): Promise<void> {
    const credentials = { email: email.value, password: password.value, stay: stay.value };
    if (asks.value === 'recover')
        return enter(() =>
            api
                .POST('/api/recover', {
                    body: { email: email.value, code: code.value, password: password.value },
                })
                .then(body),
        );
    return enter(() =>
        registering.value
            ? api.POST('/api/register', { body: { name: name.value, ...credentials } }).then(body)
            : api.POST('/api/sign-in', { body: credentials }).then(body),
    );
}
</script>

<template>
    <div class="door">
        <section class="promise">
            <h1>Measure. Compare. Draw the line.</h1>
            <p>
                Which size at bust, waist and hip, what is too much or too little at each seam, and where the
                new side seam runs: the arithmetic between tape and pattern, with its reasons.
            </p>
            <div class="ways-in">
                <button v-if="isDemo" type="button" class="press large" :disabled="busy" @click="demo">
                    Open the demo workroom
                </button>
                <button
                    v-if="asks !== 'register'"
                    type="button"
                    class="press large second"
                    @click="turn('register')"
                >
                    Make an account
                </button>
            </div>
            <DoorPicture />
        </section>
        <form class="panel" novalidate @submit.prevent="submit">
            <h2>{{ words[asks].title }}</h2>
            <TextField
                v-if="registering"
                v-model="name"
                label="Name"
                autocomplete="name"
                :fault="refused?.at('name')"
            />
            <TextField
                v-model="email"
                label="E-mail"
                type="email"
                autocomplete="username"
                :fault="refused?.at('email')"
            />
            <TextField
                v-if="asks === 'recover'"
                v-model="code"
                label="A recovery code"
                autocomplete="off"
                hint="one of the ten that you wrote down; each is good once. Without one, whoever runs this server gives you a new password."
                :fault="refused?.at('code')"
            />
            <TextField
                v-model="password"
                :label="asks === 'recover' ? 'The new password' : 'Password'"
                type="password"
                :autocomplete="asks === 'sign-in' ? 'current-password' : 'new-password'"
                :hint="
                    asks === 'sign-in'
                        ? ''
                        : 'at least 12 letters: a few words of your own, not your name, nothing that repeats itself or counts up'
                "
                :fault="refused?.at('password')"
            />
            <label v-if="asks !== 'recover'" class="stay">
                <input v-model="stay" type="checkbox" />
                Stay signed in on this device
            </label>
            <p v-if="refused && Object.keys(refused.errors).length === 0" class="fault" role="alert">
                {{ refused.message }}
            </p>
            <button type="submit" class="press" :disabled="busy">
                {{ words[asks].press }}
            </button>
            <button
                type="button"
                class="link turn"
                @click="turn(asks === 'sign-in' ? 'register' : 'sign-in')"
            >
                {{ asks === 'sign-in' ? 'I am new here' : 'I have an account' }}
            </button>
            <button v-if="asks === 'sign-in'" type="button" class="link turn" @click="turn('recover')">
                I lost the password
            </button>
        </form>
    </div>
</template>

<style scoped>
.stay {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
}

.door {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 340px;
    gap: 72px;
    max-width: 1080px;
    margin: 9vh auto 0;
    padding: 0 24px;
}
.promise {
    display: grid;
    gap: 22px;
    justify-items: start;
    align-content: start;
}
.promise h1 {
    font-size: 38px;
    line-height: 1.15;
    letter-spacing: -0.025em;
}
.promise p {
    font-size: 17px;
    line-height: 1.5;
    max-width: 54ch;
}
.panel {
    display: grid;
    gap: 14px;
    padding: 22px;
    background: var(--paper);
    border: 1.5px solid var(--ink);
    border-radius: 4px;
    align-self: start;
}
/* As the library's button looks: nothing of the library is loaded at the door. */
.press {
    min-height: 40px;
    padding: 8px 12px;
    border: 1px solid var(--ink);
    border-radius: 3px;
    background: var(--ink);
    color: var(--paper);
    font: inherit;
    font-weight: 500;
    cursor: pointer;
}
.press.large {
    padding: 10px 14px;
    font-size: 18px;
}
.press.second {
    background: var(--paper);
    color: var(--ink);
}
.ways-in {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
}
.press:disabled {
    opacity: 0.6;
    cursor: default;
}
.turn {
    font-size: 14px;
    min-height: 32px;
}
@media (max-width: 1100px) {
    .door {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
