import { expect, it } from 'vitest';
import { emptyDocument } from '../charts/grid';
import { withGarment, withStretch } from './withGarment';

it('a knit garment sets the knit, which stays when it turns out to be a dress of it', () => {
    const top = withGarment(emptyDocument(), 'knit_top');
    expect(top.fabric.kind).toBe('knit');
    expect(withGarment(top, 'dress')).toMatchObject({ garment: 'dress', fabric: { kind: 'knit' } });
    expect(withGarment(emptyDocument(), 'dress').fabric).toEqual(emptyDocument().fabric);
    expect(withGarment(top, null).garment).toBeNull();
});

it('the stretch is a number or nothing', () => {
    expect(withStretch(emptyDocument(), '40').fabric.stretch_percent).toBe(40);
    expect(withStretch(emptyDocument(), ' ').fabric.stretch_percent).toBeNull();
});
