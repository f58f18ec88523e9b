import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { api, body } from '../api/client';
import type { Unit, User } from '../api/types';
import { forgetHere } from './kept';
import { inTurn } from './queue';

/** Who is signed in, and the unit figures are shown in. */
export const useSession = defineStore('session', () => {
    const user = ref<User | null>(null);
    const known = ref(false);
    let sent: Promise<unknown> = Promise.resolve();
    // One after the other: of two switches the last one is what is kept.
    const queue = inTurn();
    const keep = (work: () => Promise<unknown>): Promise<unknown> => (sent = queue(work));
    const unit = computed<Unit>(() => user.value?.unit ?? 'cm');
    const drawnOn = computed<User['drawn_on']>(() => user.value?.drawn_on ?? 'a4');
    const paper = computed<User['paper']>(() => user.value?.paper ?? 'a4');

    /** Asks the server once who is signed in. */
    async function find(): Promise<User | null> {
        if (!known.value) {
            user.value = await api.GET('/api/me').then(body, () => null);
            known.value = true;
        }
        return user.value;
    }

    function open(signedIn: User): void {
        // What somebody else laid by, who never signed out, is not theirs.
        void forgetHere();
        user.value = signedIn;
        known.value = true;
    }

    /** Nobody is signed in here any more. */
    function forget(): void {
        user.value = null;
    }

    async function close(): Promise<void> {
        await api.POST('/api/sign-out');
        await forgetHere();
        forget();
    }

    /** Figures change at once; the choice is kept on the server for the next visit. */
    async function switchUnit(): Promise<void> {
        if (user.value === null) return;
        user.value = { ...user.value, unit: unit.value === 'cm' ? 'in' : 'cm' };
        const now = user.value.unit;
        await keep(() => api.PATCH('/api/me', { body: { unit: now } }));
    }

    /** The paper that the printer holds is the account's from now on. */
    async function setPaper(now: User['paper']): Promise<void> {
        if (user.value === null || now === paper.value) return;
        user.value = { ...user.value, paper: now };
        await keep(() => api.PATCH('/api/me', { body: { paper: now } }));
    }

    /** So is what strips and pieces are drawn on. */
    async function setDrawnOn(now: User['drawn_on']): Promise<void> {
        if (user.value === null || now === drawnOn.value) return;
        user.value = { ...user.value, drawn_on: now };
        await keep(() => api.PATCH('/api/me', { body: { drawn_on: now } }));
    }

    async function setPassword(current: string, password: string): Promise<void> {
        await api.PUT('/api/me/password', { body: { current, password } });
    }

    /** When the server knows the unit too: sentences that are asked for before that may speak in the other. */
    async function settled(): Promise<void> {
        await sent.catch(() => undefined);
    }

    return {
        user,
        unit,
        paper,
        drawnOn,
        find,
        open,
        forget,
        close,
        switchUnit,
        setPaper,
        setDrawnOn,
        setPassword,
        settled,
    };
});
