// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { completeCard } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Card, Point } from '../api/types';
import WarningList from './WarningList.vue';
import PointList from './PointList.vue';
import ReadingField from './ReadingField.vue';
import { countsWords } from './counts';
import type { Pending } from './usePending';

const reading = { attempt: 1, point: 'waist', text: '84.5', unit: 'cm' };

function field(outcome: Pending['outcome'] | 'none', text = '86') {
    const pending = outcome === 'none' ? null : { point: 'waist', attempt: 1, text, unit: 'cm', outcome };
    const shown = show(ReadingField, { label: 'Waist', reading, pending, unit: 'cm' });
    const input = shown.get<HTMLInputElement>('input');
    return { shown, input };
}

it('enter hands on what was typed and goes on at once; what has not changed is not handed on', async () => {
    const { shown, input } = field('none');
    await input.trigger('blur');
    expect(shown.emitted('keep')).toBeUndefined();
    await input.setValue(' 85 ');
    await input.trigger('keydown', { key: 'Enter' });
    expect([told(shown, 'keep'), shown.emitted('next')]).toEqual([['85'], [[]]]);
});

it('on its way, what was typed stands in the field; refused, with its reason', () => {
    const waiting = field(null, '87');
    expect([waiting.input.element.value, waiting.shown.find('[role=alert]').exists()]).toEqual(['87', false]);
    const { shown, input } = field({ kind: 'refused', sentence: 'No figure.' }, 'ninety');
    expect([words(shown.get('[role=alert]')), input.element.value]).toEqual(['No figure.', 'ninety']);
    expect(input.attributes('aria-invalid')).toBe('true');
});

it('a reading changed elsewhere offers both, and either can be taken', async () => {
    const { shown } = field({ kind: 'conflict', theirs: '84.5' });
    expect(words(shown.get('[role=alert]'))).toContain('Elsewhere “84.5” was typed here; yours is “86”.');
    await shown.findAll('button')[1]?.trigger('click');
    expect(shown.emitted('takeTheirs')).toHaveLength(1);
    await shown.findAll('button')[0]?.trigger('click');
    expect(told(shown, 'keep')).toEqual(['86']);
});

it.each([
    ['only', 1, 'one reading'],
    ['smallest', 3, 'smallest of 3'],
    ['largest', 2, 'largest of 2'],
    ['middle', 3, 'middle of 3'],
    ['picked', 3, 'the one you picked, of 3'],
] as const)('that the %s of %i readings counts is said', (counts, of, said) => {
    expect(countsWords({ counts, of })).toBe(said);
});

it('a doubt is answered, and can be asked again', async () => {
    const findings = [
        { key: 'a', point: 'waist', text: 'The waist is low.', answered: false },
        { key: 'b', point: 'hip', text: 'The hip is high.', answered: true },
    ];
    const shown = show(WarningList, { findings });
    await shown.findAll('button')[0]?.trigger('click');
    expect(told(shown, 'answer')).toEqual(['a', true]);
    await shown.findAll('button')[1]?.trigger('click');
    expect(told(shown, 'answer')).toEqual(['b', false]);
});

const points = [
    { code: 'waist', name: 'Waist' },
    { code: 'bicep', name: 'Upper arm' },
    { code: 'height', name: 'Height' },
] as Point[];

it('the list marks where one is, what the make can use, what is asked, and what is to be taken', async () => {
    const card = {
        measures: [{ point: 'waist', length_nm: 845_000_000, spread_nm: 0 }],
        findings: [{ key: 'a', point: 'waist', text: '…', answered: false }],
    } as unknown as Card;
    const shown = show(PointList, {
        card,
        points,
        marked: { points: ['bicep'], words: 'for this make' },
        current: 'waist',
        pending: [{ point: 'height', attempt: 1, text: '168', unit: 'cm', outcome: null }],
    });
    expect(shown.findAll('li').map(words)).toEqual(['Waist?84.5 cm', 'Upper armfor this make–', 'Height…']);
    expect(words(shown.get('[aria-current=step]'))).toContain('Waist');
    await shown.findAll('button')[2]?.trigger('click');
    expect(told(shown, 'go')).toEqual(['height']);
});

it('every measure of a card that is kept is shown in the unit in use', () => {
    const all = completeCard.measures.map(({ point }) => ({ code: point, name: point })) as Point[];
    const shown = show(
        PointList,
        {
            card: completeCard,
            points: all,
            marked: { points: [], words: 'for this make' },
            current: '',
            pending: [],
        },
        'in',
    );
    expect(shown.findAll('.measure')).toHaveLength(completeCard.measures.length);
    expect(shown.text()).not.toContain('cm');
});
