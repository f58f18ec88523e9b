// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { Refused } from '../api/client';
import type { Card } from '../api/types';
import { useCard, type CardServer } from './useCard';

function cardWith(version: number, texts: Record<string, string>): Card {
    const readings = Object.entries(texts).map(([point, text]) => ({ point, text, attempt: 1 }));
    return {
        version,
        taken_on: '2026-11-23',
        foundation: '',
        measured_by: '',
        point_set: 'dress',
        readings,
    } as unknown as Card;
}

/** A server that keeps versions, with a hand of its own to change the card behind the page's back. */
function server(texts: Record<string, string>) {
    let now = cardWith(1, texts);
    const guarded = (version: number, next: () => Card): Promise<Card> => {
        if (version !== now.version) return Promise.reject(new Refused(409, 'changed', {}, { card: now }));
        now = next();
        return Promise.resolve(now);
    };
    const textsNow = (): Record<string, string> =>
        Object.fromEntries(now.readings.map((r) => [r.point, r.text]));
    const api: CardServer = {
        load: () => Promise.resolve(now),
        keep: (point, _attempt, text, _unit, version) =>
            text === 'ninety'
                ? Promise.reject(new Refused(422, 'no', { text: ['No figure.'] }))
                : guarded(version, () => cardWith(version + 1, { ...textsNow(), [point]: text })),
        drop: (point, _attempt, version) =>
            guarded(version, () => {
                const { [point]: _, ...others } = textsNow();
                return cardWith(version + 1, others);
            }),
        pick: (_point, _attempt, version) => guarded(version, () => cardWith(version + 1, textsNow())),
        takeOver: (point, other, version) =>
            guarded(version, () => cardWith(version + 1, { ...textsNow(), [point]: `of ${other}` })),
        change: (head, version) =>
            guarded(version, () => ({ ...cardWith(version + 1, textsNow()), ...head })),
        answer: (_key, _so, version) => guarded(version, () => cardWith(version + 1, textsNow())),
    };
    const elsewhere = (point: string, text: string): void => {
        now = cardWith(now.version + 1, { ...textsNow(), [point]: text });
    };
    return { api, elsewhere, textsNow };
}

it('readings go out one after the other, each on the newest version', async () => {
    const { api, textsNow } = server({});
    const page = useCard(api);
    await page.load();
    const outcomes = await Promise.all([page.keep('waist', 1, '80', 'cm'), page.keep('hip', 1, '99', 'cm')]);
    expect(outcomes).toEqual([{ kind: 'kept' }, { kind: 'kept' }]);
    expect(textsNow()).toEqual({ waist: '80', hip: '99' });
    expect(page.card.value?.version).toBe(3);
});

it('a change elsewhere at another point is taken over without a question', async () => {
    const { api, elsewhere, textsNow } = server({ waist: '80' });
    const page = useCard(api);
    await page.load();
    elsewhere('hip', '99');
    expect(await page.keep('waist', 1, '81', 'cm')).toEqual({ kind: 'kept' });
    expect(textsNow()).toEqual({ waist: '81', hip: '99' });
});

it('a change elsewhere at the same point is told, and nothing is written over it', async () => {
    const { api, elsewhere, textsNow } = server({ waist: '80' });
    const page = useCard(api);
    await page.load();
    elsewhere('waist', '84');
    expect(await page.keep('waist', 1, '81', 'cm')).toEqual({ kind: 'conflict', theirs: '84' });
    expect(textsNow()).toEqual({ waist: '84' });
    // Asked again, mine is written: it now knows what it replaces.
    expect(await page.keep('waist', 1, '81', 'cm')).toEqual({ kind: 'kept' });
    expect(textsNow()).toEqual({ waist: '81' });
});

it('a refusal comes back as its sentence, and an empty text takes the reading out', async () => {
    const { api, textsNow } = server({ waist: '80' });
    const page = useCard(api);
    await page.load();
    expect(await page.keep('waist', 1, 'ninety', 'cm')).toEqual({ kind: 'refused', sentence: 'No figure.' });
    expect(await page.keep('waist', 1, '', 'cm')).toEqual({ kind: 'kept' });
    expect(textsNow()).toEqual({});
});

it('a server out of reach leaves the reading unsent', async () => {
    const { api } = server({});
    const page = useCard({ ...api, keep: () => Promise.reject(new Refused(0, 'out of reach', {})) });
    await page.load();
    expect(await page.keep('waist', 1, '80', 'cm')).toEqual({ kind: 'unsent', sentence: 'out of reach' });
});

it('the head of a card changed elsewhere is changed on the new one', async () => {
    const { api, elsewhere } = server({});
    const page = useCard(api);
    await page.load();
    elsewhere('waist', '84');
    await page.changeHead({ foundation: 'vest' });
    expect(page.card.value?.foundation).toBe('vest');
    expect(page.card.value?.readings).toHaveLength(1);
});

it('a point is taken over from another card, on the newest version', async () => {
    const { api } = server({ waist: '84' });
    const { card, load, takeOver } = useCard(api);
    await load();
    await takeOver('hip', 3);
    expect(card.value?.readings.map(({ point, text }) => `${point} ${text}`)).toEqual([
        'waist 84',
        'hip of 3',
    ]);
});

it('a card that never stands still is not asked for ever', async () => {
    const { api, elsewhere } = server({ waist: '80' });
    let asked = 0;
    const restless = { ...api };
    restless.keep = (...reading) => {
        asked += 1;
        elsewhere('hip', String(asked));
        return api.keep(...reading);
    };
    const page = useCard(restless);
    await page.load();
    expect(await page.keep('waist', 1, '81', 'cm')).toMatchObject({ kind: 'refused' });
    expect(asked).toBe(3);
});
