import type { Lead } from '../api/types';

/** What can choose the frame, in words. */
export const leads: { value: Lead; label: string }[] = [
    { value: 'full_bust', label: 'the full bust' },
    { value: 'cup', label: 'the full bust of the cup' },
    { value: 'high_bust', label: 'the high bust' },
    { value: 'high_bust_as_is', label: 'the high bust, read as it is' },
    { value: 'cross_front', label: 'the front width' },
];

/** What each way of choosing is called, and what it is for. */
export const ways = {
    best: { title: 'Best', what: 'fit and work together' },
    one_size: { title: 'One size', what: 'nothing to blend' },
    closest: { title: 'Closest', what: 'the least to alter' },
    by_finished: {
        title: 'By the finished garment',
        what: 'the bust keeps its size; below it there is room',
    },
    owned: { title: 'Only what you own', what: 'no other envelope is needed' },
    nearer: { title: 'Brought nearer', what: 'the bust nearer the waist, and adjusted' },
} as const;

/** How much work counts against fit, from fitting closer to working less. */
export const workWeights = [0.25, 0.5, 1, 2, 4] as const;
export const workWords = [
    'fit much closer',
    'fit closer',
    'as usual',
    'work less',
    'work much less',
] as const;
