// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import WardrobePart from './WardrobePart.vue';

const dress = { name: 'blue dress', garment: 'dress', flat: { bust: '50 cm' } } as const;
const coat = { name: 'coat' };
const shown = (fault: string | null = null) =>
    show(WardrobePart, {
        modelValue: [dress, coat],
        eases: [{ ease_nm: { bust: 45_000_000 } }, { ease_nm: {} }],
        unit: 'cm',
        faultAt: (field: string) => (field === 'wardrobe.garments[1].flat.hip' ? fault : null),
    });

it('each garment says its room, and the last row is for one more', async () => {
    const part = shown('"wide" is not a figure.');
    expect(part.findAll('tbody tr').length).toBe(3);
    expect(words(part.get('tbody tr .room'))).toBe('+4.5 cm room');
    expect(words(part)).toContain('"wide" is not a figure.');
    await part.get('[aria-label="garment 3, flat across the waist"]').setValue('44');
    await part.get('[aria-label="garment 3, flat across the waist"]').trigger('blur');
    expect(told(part, 'update:modelValue')).toEqual([[dress, coat, { flat: { waist: '44' } }]]);
});

it('a width that is wiped is gone, and a kind is chosen', async () => {
    const part = shown();
    await part.get('[aria-label="blue dress, flat across the bust"]').setValue('');
    await part.get('[aria-label="blue dress, flat across the bust"]').trigger('blur');
    expect(told(part, 'update:modelValue')).toEqual([[{ ...dress, flat: { bust: null } }, coat]]);
    await part.get('[aria-label="coat, kind"]').setValue('coat');
    expect(told(part, 'update:modelValue')).toEqual([
        [
            { ...dress, flat: { bust: null } },
            { ...coat, garment: 'coat' },
        ],
    ]);
});

it('what is taken out can be put back where it was', async () => {
    const part = shown();
    await part.get('[aria-label="Take out blue dress"]').trigger('click');
    expect(told(part, 'update:modelValue')).toEqual([[coat]]);
    await part.setProps({ modelValue: [coat] });
    await part.get('.notice button').trigger('click');
    expect(told(part, 'update:modelValue')).toEqual([[dress, coat]]);
});
