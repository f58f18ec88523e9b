// @vitest-environment jsdom
import { flushPromises } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { completeCard } from '../../../tests/Front/golden';
import { show, told, words } from '../../../tests/Front/show';
import type { Card, Point } from '../api/types';
import FindingList from './FindingList.vue';
import PointList from './PointList.vue';
import ReadingField from './ReadingField.vue';
import type { Kept } from './useCard';

const reading = { attempt: 1, point: 'waist', text: '84.5', unit: 'cm' };

function field(outcome: Kept, unsent: string | null = null) {
    const keep = vi.fn(() => Promise.resolve(outcome));
    const shown = show(ReadingField, { label: 'Waist', reading, unsent, unit: 'cm', keep });
    const input = shown.get<HTMLInputElement>('input');
    return { shown, keep, input };
}

it('enter keeps what was typed and goes on; what has not changed is not sent', async () => {
    const { shown, keep, input } = field({ kind: 'kept' });
    await input.trigger('blur');
    expect(keep).not.toHaveBeenCalled();
    await input.setValue(' 85 ');
    await input.trigger('keydown', { key: 'Enter' });
    await flushPromises();
    expect(keep).toHaveBeenCalledWith('85');
    expect(shown.emitted('next')).toHaveLength(1);
});

it('a refusal is told at the field, which keeps what was typed and does not go on', async () => {
    const { shown, input } = field({ kind: 'refused', sentence: 'No figure.' });
    await input.setValue('ninety');
    await input.trigger('keydown', { key: 'Enter' });
    await flushPromises();
    expect([words(shown.get('[role=alert]')), input.element.value]).toEqual(['No figure.', 'ninety']);
    expect(shown.emitted('next')).toBeUndefined();
});

it('a reading changed elsewhere offers both, and the other one can be taken', async () => {
    const { shown, input } = field({ kind: 'conflict', theirs: '84.5' });
    await input.setValue('86');
    await input.trigger('blur');
    await flushPromises();
    expect(words(shown.get('[role=alert]'))).toContain('Elsewhere “84.5” was typed here; yours is “86”.');
    await shown.findAll('button')[1]?.trigger('click');
    expect(input.element.value).toBe('84.5');
    expect(words(shown.get('[role=alert]'))).toBe('');
});

it('what was typed before and not sent stands in its field again', () => {
    expect(field({ kind: 'kept' }, '87').input.element.value).toBe('87');
});

it('what another try has sent meanwhile is shown, unless something else is being typed', async () => {
    const { shown, input } = field({ kind: 'kept' });
    await shown.setProps({ reading: { ...reading, text: '86' } });
    expect(input.element.value).toBe('86');
    await input.setValue('90');
    await shown.setProps({ reading: { ...reading, text: '88' } });
    expect(input.element.value).toBe('90');
});

it('a doubt is answered, and can be asked again', async () => {
    const findings = [
        { key: 'a', point: 'waist', text: 'The waist is low.', answered: false },
        { key: 'b', point: 'hip', text: 'The hip is high.', answered: true },
    ];
    const shown = show(FindingList, { findings });
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
    });
    expect(shown.findAll('li').map(words)).toEqual(['Waist?84.5 cm', 'Upper armfor this make–', 'Height–']);
    expect(words(shown.get('[aria-current=step]'))).toContain('Waist');
    await shown.findAll('button')[2]?.trigger('click');
    expect(told(shown, 'go')).toEqual(['height']);
});

it('every measure of a card that is kept is shown in the unit in use', () => {
    const all = completeCard.measures.map(({ point }) => ({ code: point, name: point })) as Point[];
    const shown = show(
        PointList,
        { card: completeCard, points: all, marked: { points: [], words: 'for this make' }, current: '' },
        'in',
    );
    expect(shown.findAll('.measure')).toHaveLength(completeCard.measures.length);
    expect(shown.text()).not.toContain('cm');
});
