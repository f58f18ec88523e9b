// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused, api } from '../api/client';
import { usePreview } from './usePreview';

vi.mock('../api/client', async () => {
    const { Refused: RealRefused } = await vi.importActual<{ Refused: typeof Refused }>('../api/client');
    return {
        api: { POST: vi.fn() },
        Refused: RealRefused,
        body: (answer: { data: unknown }) => answer.data,
        asRefused: (error: unknown) => error,
    };
});

const post = vi.mocked(api.POST as (...asked: unknown[]) => Promise<unknown>);
const asked = (): unknown => (post.mock.lastCall?.[1] as { body: unknown }).body;

const asking = (text: string) => ({ text, html: null, unit: 'cm', told: null, house: '' });

describe('the preview of a pasted chart', () => {
    // In braces: what a hook gives back is called when the test is over.
    beforeEach(() => {
        post.mockReset();
    });

    it('asks once with the unit of the chart', async () => {
        post.mockResolvedValue({ data: { figures: 3 } });
        const { preview, read } = usePreview(() => 'cm');
        await read('Bust 84-88');
        expect(asked()).toEqual(asking('Bust 84-88'));
        expect(preview.value).toEqual({ figures: 3 });
    });

    it('sends what a web page has along, and again with the unit that was told; the next paste is asked anew', async () => {
        post.mockResolvedValue({ data: { figures: 3 } });
        const { read, isIn } = usePreview(() => 'cm');
        await read('Bust 58', '<table></table>');
        await isIn('in');
        expect(asked()).toEqual({ ...asking('Bust 58'), html: '<table></table>', told: 'in' });
        await read('Bust 84');
        expect(asked()).toEqual(asking('Bust 84'));
    });

    it('keeps the reason when the server refuses, and is free again', async () => {
        post.mockImplementation(() => Promise.reject(new Refused(422, 'Far too long.', {})));
        const { preview, refusal, busy, read } = usePreview(() => 'in');
        await read('x');
        expect(refusal.value).toBe('Far too long.');
        expect(preview.value).toBeNull();
        expect(busy.value).toBe(false);
    });

    it('reads a file as the text it would be if it were copied', async () => {
        post.mockResolvedValueOnce({ data: { text: 'Size\t8' } }).mockResolvedValueOnce({
            data: { figures: 1 },
        });
        const { preview, readFile } = usePreview(() => 'cm');
        await readFile(new File(['zip'], 'chart.xlsx'));
        expect(asked()).toEqual(asking('Size\t8'));
        expect(preview.value).toEqual({ figures: 1 });
    });

    it('forgets what was pasted when it is left', async () => {
        post.mockResolvedValue({ data: { figures: 3 } });
        const { preview, drop, read } = usePreview(() => 'cm');
        await read('Bust 84');
        drop();
        expect(preview.value).toBeNull();
    });
});
