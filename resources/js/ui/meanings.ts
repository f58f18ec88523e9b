/** Words that are needed and not everybody's: one sentence, and a drawing of 120 by 60 in paths. */
export interface Meaning {
    sentence: string;
    /** Of the body, of the paper, and of what is cut: each in its own colour. */
    body?: string;
    paper?: string;
    cut?: string;
}

const ROUND_BODY = 'M60 14a26 16 0 1 0 .1 0';

export const meanings = {
    blend: {
        sentence:
            'To blend (grade) is to draw from one printed size to another between two levels, so that each level has its own size and the seam stays smooth.',
        paper: 'M30 4C26 22 26 38 34 56M52 4C48 22 48 38 56 56',
        cut: 'M30 4C28 20 44 36 56 56',
    },
    room: {
        sentence: 'What the garment measures more than the body there, all round, once everything is done.',
        body: ROUND_BODY,
        cut: 'M60 6a36 24 0 1 0 .1 0',
    },
    own_ease: {
        sentence:
            'How much larger than the body of its chart the pattern is drawn there: the ease its maker meant.',
        body: ROUND_BODY,
        paper: 'M60 6a36 24 0 1 0 .1 0',
    },
    must_fit: {
        sentence:
            'How much this level decides the size: it must fit where the garment lies close, and needn’t where it hangs.',
        body: 'M48 4C40 18 40 22 50 30C42 40 40 46 40 56M72 4C80 18 80 22 70 30C78 40 80 46 80 56',
        cut: 'M44 4C37 18 38 22 48 30C30 40 26 48 22 56M76 4C83 18 82 22 72 30C90 40 94 48 98 56',
    },
    toile: {
        sentence:
            'A toile is the part that matters, cut in cheap cloth of the same weight and tried on first.',
        paper: 'M40 8L50 4C54 10 66 10 70 4L80 8L76 24C72 26 72 34 76 56H44C48 34 48 26 44 24Z',
        cut: 'M44 24L76 24M60 10V56',
    },
    frame: {
        sentence:
            'Neck, shoulders and armholes are cut in one size, front and back: that of the bust, or of the measure that leads.',
        paper: 'M30 14L50 4C54 12 66 12 70 4L90 14C80 24 80 34 86 42V56H34V42C40 34 40 24 30 14',
        cut: 'M30 14L50 4C54 12 66 12 70 4L90 14C80 24 80 34 86 42M30 14C40 24 40 34 34 42',
    },
    adjustment: {
        sentence:
            'A bust adjustment gives the front more room over the bust, or less, while neck, shoulders and armholes stay in their size.',
        paper: 'M34 4L58 4C56 16 62 24 74 26V56H34Z',
        cut: 'M74 26C82 30 86 42 84 56M74 26L52 34',
    },
    marks: {
        sentence:
            'A mark says how far from a printed line the line to cut runs at that depth, square to the grain: set it with a ruler and join the marks.',
        paper: 'M44 4C38 18 40 30 48 40C52 46 54 52 54 56',
        cut: 'M41 12H58M41 26H64M46 38H70M58 12C62 20 64 26 64 26C66 32 70 38 72 56',
    },
    stitching_line: {
        sentence:
            'The stitching line is where the seam is sewn, and the cutting line lies outside it by the seam allowance.',
        paper: 'M46 4L44 10M43 14L42 20M42 24L43 30M44 34L47 40M49 44L52 50',
        cut: 'M58 4C52 20 52 34 64 56',
    },
    drafted_cup: {
        sentence:
            'The cup that the front of these sizes is drawn for: a bust of another cup needs an adjustment, or a front of its own cup.',
        body: 'M44 6C44 18 62 22 62 32C62 42 50 42 46 50V56',
        paper: 'M50 6C50 16 74 22 74 32C74 42 56 44 54 56',
    },
} as const satisfies Record<string, Meaning>;
