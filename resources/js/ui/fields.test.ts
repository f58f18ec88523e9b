// @vitest-environment jsdom
import { expect, it, vi } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import { api } from '../api/client';
import CellInput from './CellInput.vue';
import Measure from './Measure.vue';
import TextField from './TextField.vue';
import UnitSwitch from './UnitSwitch.vue';
import WordChoice from './WordChoice.vue';

const options = [
    { value: 'up', label: 'go up' },
    { value: 'down', label: 'go down' },
];
const choice = (props: Record<string, unknown>) =>
    show(WordChoice, { label: 'between', options, modelValue: 'up', ...props });

it('a choice in a sentence shows its answer and tells another', async () => {
    const shown = choice({});
    expect(shown.get<HTMLSelectElement>('select').element.value).toBe('up');
    expect(shown.find('small').exists()).toBe(false);
    await shown.get('select').setValue('down');
    expect(told(shown, 'update:modelValue')).toEqual(['down']);
});

it('its note belongs to it: why it has no effect, or its fault, which goes first', () => {
    const idle = choice({ idle: 'each measure is on a size' });
    expect(words(idle.get('small'))).toBe('no effect: each measure is on a size');
    expect(idle.get('select').attributes('aria-describedby')).toBe(idle.get('small').attributes('id'));
    const faulty = choice({ idle: 'each measure is on a size', fault: 'No such answer.' });
    expect(faulty.findAll('small').map(words)).toEqual(['No such answer.']);
    expect(faulty.get('select').attributes('aria-invalid')).toBe('true');
});

it('a label that the sentence says already is only spoken', () => {
    expect(choice({ quiet: true }).get('label').classes()).toContain('sr-only');
    expect(choice({}).get('label').classes()).not.toContain('sr-only');
});

it('a cell tells what was typed without the blanks around it', async () => {
    const shown = show(CellInput, { value: null, label: 'waist, 14', fault: 'No figure.' });
    const cell = shown.get('input');
    const note = shown.get('[role=alert]');
    expect([words(note), cell.attributes('aria-describedby'), cell.attributes('aria-invalid')]).toEqual([
        'No figure.',
        note.attributes('id'),
        'true',
    ]);
    await cell.setValue('  27 1/2 ');
    await cell.trigger('change');
    expect(told(shown, 'change')).toEqual(['27 1/2']);
});

it('a field says its hint, and its fault instead where there is one', async () => {
    const shown = show(TextField, { label: 'Name', hint: 'as on the envelope', modelValue: '' });
    expect(words(shown.get('.hint'))).toBe('as on the envelope');
    await shown.setProps({ fault: 'A name, please.' });
    expect(shown.find('.hint').exists()).toBe(false);
    expect(words(shown.get('[role=alert]'))).toBe('A name, please.');
    expect(shown.get('input').attributes('aria-describedby')).toBe(shown.get('.fault').attributes('id'));
});

it.each([
    ['cm', { nm: 845_000_000 }, '84.5 cm'],
    ['in', { nm: 952_500_000 }, '37 1/2 in'],
    ['cm', { nm: 12_500_000, places: 2, bare: true }, '1.25'],
    ['cm', { nm: -50_000_000, signed: true }, '−5 cm'],
    ['in', { nm: 19_050_000, signed: true }, '+3/4 in'],
    ['cm', { nm: null }, '–'],
] as const)('in %s %o is set as %s', (unit, props, text) => {
    // The fraction is set apart from the whole by its own type, not always by a blank.
    expect(words(show(Measure, props, unit)).replace(/\u00a0/g, ' ')).toBe(text);
});

it('the unit that is not in use is one press away, and kept for the next visit', async () => {
    const kept = vi.spyOn(api, 'PATCH').mockResolvedValue({} as never);
    const shown = show(UnitSwitch, {});
    const pressed = (): string[] => shown.findAll('[aria-pressed=true]').map(words);
    await shown.findAll('button')[0]?.trigger('click');
    expect(kept).not.toHaveBeenCalled();
    await shown.findAll('button')[1]?.trigger('click');
    expect(pressed()).toEqual(['in']);
    expect(kept).toHaveBeenCalledWith('/api/me', { body: { unit: 'in' } });
});
