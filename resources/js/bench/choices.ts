/** The answers of the choices on the bench, in the words in which they are shown. */

export const eases = [
    { value: 'chart', label: 'the body chart' },
    { value: 'drafted', label: 'the pattern’s own ease' },
    { value: 'liked', label: 'the ease I like' },
] as const;

export const betweens = [
    { value: 'up', label: 'go up' },
    { value: 'down', label: 'go down' },
    { value: 'nearest', label: 'take the nearest' },
] as const;

export const picks = [
    { value: 'best', label: 'as suggested' },
    { value: 'level', label: 'level by level' },
    { value: 'one_size', label: 'one size' },
] as const;

export const blends = [
    { value: 'curved', label: 'curved' },
    { value: 'straight', label: 'straight' },
] as const;

export const orders = [
    { value: 'blend_first', label: 'blend, then length' },
    { value: 'length_first', label: 'length, then blend' },
] as const;

export const takes = [
    { value: 'in_line', label: 'redraw the line' },
    { value: 'sew', label: 'sew it deeper or narrower' },
    { value: 'leave', label: 'leave it' },
] as const;

export const methods = [
    { value: 'pivot', label: 'by pivoting' },
    { value: 'slash', label: 'by slashing the front' },
] as const;

export const shifts = [-3, -2, -1, 0, 1, 2, 3].map((value) => ({
    value: String(value),
    label:
        value === 0
            ? 'alike'
            : `${value > 0 ? 'front' : 'back'} ${Math.abs(value) === 1 ? 'a size' : `${Math.abs(value)} sizes`} larger`,
}));
