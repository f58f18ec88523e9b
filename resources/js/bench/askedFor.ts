import { api, body } from '../api/client';
import type { Pattern, PatternGuide, Unit } from '../api/types';
import { opened } from '../charts/grid';
import { lacksOf } from '../pattern/lacks';
import { withLength, withUsual } from '../pattern/usual';

/** A pattern and the lengths that it lacks, without which no line can be drawn. */
export interface Lacking {
    pattern: Pattern;
    lengths: PatternGuide['usual_lengths'];
}

export async function lackingOf(id: number): Promise<Lacking> {
    const [pattern, guide] = await Promise.all([
        api.GET('/api/patterns/{pattern}', { params: { path: { pattern: id } } }).then(body),
        api.GET('/api/pattern-guide').then(body),
    ]);
    const lacking = new Set<string>(lacksOf(opened(pattern.document)));
    return { pattern, lengths: guide.usual_lengths.filter(({ key }) => lacking.has(key)) };
}

/** What is left empty is as long as is usual, and marked so. */
export function keepLengths({ pattern, lengths }: Lacking, typed: Record<string, string>): Promise<Pattern> {
    const { id, name, house, unit, version } = pattern;
    let document = opened(pattern.document);
    for (const [key, text] of Object.entries(typed))
        if (text.trim() !== '')
            document = { ...document, seam: withLength(document.seam, key as 'waist_to_hip', text) };
    const sent = { name, house, unit, version, document: withUsual(document, lengths, unit) };
    return api.PUT('/api/patterns/{pattern}', { params: { path: { pattern: id } }, body: sent }).then(body);
}

/** A reading goes onto the card as it then is. */
export async function keepReading(card: number, point: string, text: string, unit: Unit): Promise<void> {
    const path = { card };
    const { version } = await api.GET('/api/cards/{card}', { params: { path } }).then(body);
    await api
        .PUT('/api/cards/{card}/readings/{point}/{attempt}', {
            params: { path: { ...path, point, attempt: 1 } },
            body: { version, text, unit },
        })
        .then(body);
}
