// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { show, told, words } from '../../../tests/Front/show';
import type { Pattern, PatternDocument, PatternGuide } from '../api/types';
import GarmentMini from './GarmentMini.vue';
import GarmentPicture from './GarmentPicture.vue';
import { garmentOutline, garmentShape } from './garment';
import SilhouetteChoice from './SilhouetteChoice.vue';

const guide = {
    garments: [
        { value: 'dress', label: 'dress', levels: ['bust', 'waist', 'hip'] },
        { value: 'skirt', label: 'skirt', levels: ['waist', 'hip'] },
    ],
} as unknown as PatternGuide;
const document = {
    sizes: ['8', '10', '12'],
    garment: 'dress',
    body_chart: { full_bust: ['84', '88', '92'], waist: ['66', '70', '74'], hip: ['91', '95', '99'] },
    finished: {},
    fabric: {},
    levels: { bust: 'critical' },
    seam: { underarm_to_waist: '20.5' },
} as unknown as PatternDocument;
const kept = {
    drafted_ease: [
        { level: 'bust', path: 'finished.full_bust', ease_nm: [70_000_000, 80_000_000, 90_000_000] },
        { level: 'waist', path: 'finished_by[0].finished.waist', ease_nm: [1, 1, 1] },
    ],
} as unknown as Pattern;

it('each level of the garment says what matters and the ease it was drafted with; a length that is lacking is asked for', () => {
    const shown = show(GarmentPicture, { document, unit: 'cm', guide, kept });
    expect(shown.findAll('.name').map(words)).toEqual(['bust', 'waist', 'hip']);
    expect(shown.findAll('.name + text').map(words)).toEqual(['must fit', 'should fit', 'should fit']);
    expect(shown.findAll('.figure').map(words)).toEqual(['20.5', '?', '?']);
    expect(shown.findAll('.figure.lacks').length).toBe(2);
});

it('what begins at the waist has no bust and no length above it', () => {
    const skirt = { ...document, garment: 'skirt' } as PatternDocument;
    const shown = show(GarmentPicture, { document: skirt, unit: 'cm', guide, kept: null });
    expect(shown.findAll('.name').map(words)).toEqual(['waist', 'hip']);
    expect(shown.findAll('.figure').map(words)).toEqual(['?', '?']);
});

it('levels and lengths are one press away', async () => {
    const shown = show(GarmentPicture, { document, unit: 'cm', guide, kept: null });
    await shown.get('button').trigger('click');
    expect(told(shown, 'ask')).toEqual([]);
});

/** How far out a path ever goes to the right. */
const widest = (d: string): number =>
    Math.max(...[...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(([figure]) => Number(figure)));

it('a garment whose hip is wider is drawn wider, and trousers part below it', () => {
    const place = { middle: 0, top: 0, scale: 1 };
    const wide = { ...document, body_chart: { ...document.body_chart, hip: ['130', '134', '138'] } };
    expect(
        widest(
            garmentOutline(
                { ...garmentShape(wide, 'cm'), down: { bust: 1, waist: 2, hip: 3, hem: 4 } },
                place,
            ),
        ),
    ).toBeGreaterThan(
        widest(
            garmentOutline(
                { ...garmentShape(document, 'cm'), down: { bust: 1, waist: 2, hip: 3, hem: 4 } },
                place,
            ),
        ),
    );
    const legs = (garment: string): string =>
        show(GarmentMini, { garment }).get('path').attributes('d') ?? '';
    expect([legs('trousers').split('M').length, legs('trousers')]).not.toEqual([
        legs('skirt').split('M').length,
        legs('skirt'),
    ]);
    expect(new Set(['dress', 'top', 'skirt', 'trousers'].map(legs)).size).toBe(4);
});

it('a boxy garment is drawn straight from its widest place, unless its waist is printed', () => {
    const boxy = { ...document, cut_as: 'one_size' } as PatternDocument;
    const { half } = garmentShape(boxy, 'cm');
    expect([half.waist, half.hip]).toEqual([95 / 4, 95 / 4]);
    const printed = { ...boxy, finished: { waist: ['80', '84', '88'] } } as PatternDocument;
    expect(garmentShape(printed, 'cm').half.waist).toBe(21);
});

it('how it hangs is asked where the garment is, each with its picture, for the levels it has', async () => {
    const weights = (bust: string, waist: string, hip: string) => ({ bust, waist, hip });
    const hangs = {
        ...guide,
        silhouettes: [
            {
                value: 'fitted',
                label: 'fitted',
                levels: weights('critical', 'critical', 'matters'),
                cut_as: 'blended',
            },
            {
                value: 'boxy',
                label: 'boxy',
                levels: weights('matters', 'free', 'matters'),
                cut_as: 'one_size',
            },
            {
                value: 'flared',
                label: 'flared',
                levels: weights('critical', 'critical', 'free'),
                cut_as: 'blended',
            },
        ],
    } as unknown as PatternGuide;
    const ask = (garment: string | null) =>
        show(SilhouetteChoice, { guide: hangs, modelValue: { ...document, garment, levels: {} } });
    expect(ask(null).findAll('button')).toEqual([]);
    const dress = ask('dress');
    expect(dress.findAll('button').map((one) => one.text())).toEqual(['fitted', 'boxy', 'flared']);
    expect(new Set(dress.findAll('path').map((one) => one.attributes('d'))).size).toBe(3);
    await dress.findAll('button')[1]?.trigger('click');
    const said = dress.emitted('update:modelValue')?.[0]?.[0] as PatternDocument;
    expect([said.levels, said.cut_as]).toEqual([weights('matters', 'free', 'matters'), 'one_size']);
    const skirt = ask('skirt');
    expect(skirt.findAll('button').map((one) => one.text())).toEqual(['fitted', 'flared']);
    await skirt.findAll('button')[1]?.trigger('click');
    expect((skirt.emitted('update:modelValue')?.[0]?.[0] as PatternDocument).levels).toEqual({
        waist: 'critical',
        hip: 'free',
    });
});
