import { ref, shallowRef } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { ChartPreview, Unit } from '../api/types';

/** What was pasted: the text, and the same as a web page has it. */
interface Pasted {
    text: string;
    html: string | null;
}

/**
 * Asks the server what a pasted chart says; nothing is written until a person has looked it over.
 *
 * @param house whose words for rows are known; empty where it isn't named
 */
export function usePreview(chartUnit: () => Unit, house: () => string = () => '') {
    const preview = shallowRef<ChartPreview | null>(null);
    /** The unit of the figures, where the user has said it. */
    const told = ref<Unit | null>(null);
    const refusal = ref<string | null>(null);
    const busy = ref(false);
    let pasted: Pasted = { text: '', html: null };

    async function ask(): Promise<void> {
        busy.value = true;
        refusal.value = null;
        try {
            preview.value = await api
                .POST('/api/charts/read', {
                    body: {
                        ...pasted,
                        unit: chartUnit(),
                        told: told.value,
                        house: house(),
                    },
                })
                .then(body);
        } catch (error) {
            refusal.value = asRefused(error).message;
        } finally {
            busy.value = false;
        }
    }

    async function read(text: string, html: string | null = null): Promise<void> {
        pasted = { text, html };
        told.value = null;
        await ask();
    }

    async function isIn(unit: Unit): Promise<void> {
        told.value = unit;
        await ask();
    }

    /** A spreadsheet file becomes the text it would be if it were copied; then it is read as any paste. */
    async function readFile(file: File): Promise<void> {
        refusal.value = null;
        const form = new FormData();
        form.append('file', file);
        try {
            const { text } = await api
                .POST('/api/charts/file', { body: form as never, bodySerializer: () => form })
                .then(body);
            await read(text);
        } catch (error) {
            refusal.value = asRefused(error).message;
        }
    }

    function drop(): void {
        preview.value = null;
        refusal.value = null;
        pasted = { text: '', html: null };
    }

    return { preview, refusal, busy, read, readFile, isIn, drop };
}
