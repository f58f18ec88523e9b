import { computed, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import type { Nest, NestLine, NestMarks } from '../api/types';
import { alike, linesBetween, nearestOn, snapped, stretchLength, type Place } from './geometry';
import { isSkirt } from './pieces';

/** What the next click on the drawing marks. */
export type Tool =
    | 'line'
    | 'innermost'
    | 'outermost'
    | 'underarm'
    | 'hem'
    | 'waist_y'
    | 'hip_y'
    | 'above_waist'
    | 'below_waist'
    | 'grain'
    | 'frame'
    | 'armhole_top'
    | 'hem_fold'
    | 'length';

export interface Marked {
    nest: ComputedRef<Nest | null>;
    marks: ShallowRef<NestMarks>;
    sizes: Ref<string[]>;
    change: (part: Partial<NestMarks>) => void;
    /** Makes the drawing larger by so much: where it doesn't say its size. */
    scaled: (by: number) => Promise<void>;
    /** The length of the line that is clicked, in millimetres; 0 where none is typed. */
    knownMm: () => number;
}

const asks: Record<Tool, string> = {
    line: 'Click the line of this size.',
    innermost: 'Click the innermost line, of the smallest size.',
    outermost: 'Now the outermost, of the largest size, straight across from there.',
    underarm: 'Click where the side seam meets the armhole.',
    hem: 'Click where the side seam meets the hem.',
    waist_y: 'Click anywhere at the height of the waist.',
    hip_y: 'Click anywhere at the height of the hip.',
    above_waist: 'Click at the printed line to lengthen or shorten the bodice.',
    below_waist: 'Click at the printed line to lengthen or shorten between waist and hip.',
    frame: 'Click one corner of a frame about the piece, then the corner across.',
    grain: 'Click two places on the grain line.',
    armhole_top: 'Click where the armhole meets the shoulder.',
    hem_fold: 'Click where the hem meets the middle of the body.',
    length: 'Click the line whose length you know.',
};

const round = (mm: number): number => Math.round(mm * 100) / 100;

/** Marks sizes, ends and levels on a drawing, one click leading on to the next. */
export function useMarking({ nest, marks, sizes, change, scaled, knownMm }: Marked) {
    const tool = ref<Tool | null>(null);
    const lines = computed(() => marks.value.lines ?? {});
    const named = computed(() => sizes.value.filter((one) => lines.value[one] !== undefined));
    const chosen = ref('');
    /** The size whose line or ends are marked: the chosen one, though its line is still to be clicked. */
    const size = computed({
        get: () =>
            sizes.value.includes(chosen.value) ? chosen.value : (named.value[0] ?? sizes.value[0] ?? ''),
        set: (one: string) => (chosen.value = one),
    });
    const linesOf = (one: string) => {
        const ids = (lines.value[one] ?? '').split(' ');
        return (
            nest.value?.lines.filter(
                ({ id, names }) => ids.includes(id) || names.includes(lines.value[one] ?? ''),
            ) ?? []
        );
    };
    const sizeOf = computed(() => {
        const by = new Map<string, string>();
        for (const one of named.value) for (const { id } of linesOf(one)) by.set(id, one);
        return by;
    });
    /** Where the ends of a size lie: as marked, or as they were filled in after another's. */
    const ends = computed(() =>
        (['underarm', 'hem', 'armhole_top', 'hem_fold'] as const).flatMap((name) =>
            named.value.flatMap((one) => {
                const own = marks.value[name]?.[one];
                const filled = nest.value?.filled[name]?.[one];
                const at = own ?? filled;
                return at === undefined ? [] : [{ name, size: one, at: at as Place, own: own !== undefined }];
            }),
        ),
    );

    /** A piece may end, or begin, at a waist seam. */
    const skirt = computed(() => nest.value !== null && isSkirt(nest.value.piece));
    const toWaist = computed(() => !skirt.value && marks.value.ends_at === 'waist');
    const steps = computed<{ tool: Tool; label: string; done: boolean; optional?: boolean }[]>(() => [
        {
            tool: 'frame',
            label: 'Frame one piece, two corners: where several are drawn',
            done: (marks.value.frame?.length ?? 0) === 2,
            optional: true,
        },
        {
            tool: 'grain',
            label: 'Grain, two places: first, where it lies askew',
            done: (marks.value.grain?.length ?? 0) === 2,
            optional: true,
        },
        {
            tool: 'underarm',
            label: skirt.value ? 'Waist end of the side seam' : 'Underarm end of the side seam',
            done:
                marks.value.underarm?.[size.value] !== undefined ||
                ends.value.some(({ name }) => name === 'underarm'),
        },
        {
            tool: 'hem',
            label: toWaist.value ? 'Waist end of the side seam' : 'Hem end of the side seam',
            done: ends.value.some(({ name }) => name === 'hem'),
        },
        ...(skirt.value || toWaist.value
            ? []
            : [
                  {
                      tool: 'waist_y' as const,
                      label: 'Height of the waist',
                      done: marks.value.waist_y !== undefined,
                  },
              ]),
        ...(toWaist.value
            ? []
            : [
                  {
                      tool: 'hip_y' as const,
                      label: 'Height of the hip',
                      done: marks.value.hip_y !== undefined,
                  },
              ]),
        ...(skirt.value
            ? []
            : [
                  {
                      tool: 'above_waist' as const,
                      label: 'Lengthen line above the waist',
                      done: typeof marks.value.lengthen_y?.above_waist === 'number',
                      optional: true,
                  },
              ]),
        ...(toWaist.value
            ? []
            : [
                  {
                      tool: 'below_waist' as const,
                      label: 'Lengthen line below the waist',
                      done: typeof marks.value.lengthen_y?.below_waist === 'number',
                      optional: true,
                  },
              ]),
        {
            tool: 'armhole_top',
            label: skirt.value ? 'Waist at the fold' : 'Top of the armhole',
            done: marks.value.armhole_top !== undefined,
            optional: true,
        },
        {
            tool: 'hem_fold',
            label: toWaist.value ? 'Waist at the fold' : 'Hem’s end at the fold',
            done: marks.value.hem_fold !== undefined,
            optional: true,
        },
    ]);
    const ask = computed(() => {
        if (tool.value === 'underarm' && skirt.value) return 'Click where the side seam meets the waist.';
        if (tool.value === 'hem' && toWaist.value) return 'Click where the side seam meets the waist.';
        return tool.value === null ? '' : asks[tool.value];
    });

    /** The innermost line, where it was clicked, until the outermost is clicked as well. */
    let innermost: { line: NestLine; place: Place } | null = null;
    /** The lines of all sizes in their order, to be looked at before they are taken. */
    const proposal = shallowRef<{ size: string; lines: NestLine[]; at: Place }[] | null>(null);
    /** Why nothing could be proposed. */
    const unproposed = ref('');

    function propose(found: { line: NestLine; place: Place }): void {
        if (nest.value === null || innermost === null) return;
        const between = linesBetween(nest.value.lines, innermost, found);
        const fits = between.length === sizes.value.length;
        proposal.value = fits
            ? between.map((one, place) => ({ size: sizes.value[place] ?? '', ...one }))
            : null;
        unproposed.value = fits
            ? ''
            : `From one to the other lie ${between.length} lines, and there are ${sizes.value.length} sizes: click where all of them lie side by side, or each line by itself.`;
        innermost = null;
        tool.value = null;
    }

    function accept(): void {
        const named = (proposal.value ?? []).map(
            ({ size: one, lines: of }) => [one, of.map(({ id }) => id).join(' ')] as const,
        );
        proposal.value = null;
        change({ lines: Object.fromEntries(named) });
        size.value = sizes.value[0] ?? '';
        next();
    }

    /** Where something is missing, in the words of the list. */
    function placeWords(field: string): string {
        const [part, one] = field.split('.');
        const label =
            steps.value.find((step) => step.tool === part)?.label ?? (part === 'lines' ? 'Line' : field);
        return one === undefined ? label : `${label}, size ${one}`;
    }

    /** The first corner of a frame, until the other is clicked. */
    let frameFrom: number[] | null = null;
    function unframe(): void {
        const all = { ...marks.value };
        delete all.frame;
        marks.value = all;
    }

    function next(): void {
        const waiting = steps.value.find(({ done, optional }) => !done && !optional);
        tool.value = waiting?.tool ?? null;
    }

    function pick(place: Place, upright: Place): void {
        const now = tool.value;
        if (nest.value === null || now === null) return;
        if (now === 'line' || now === 'length' || now === 'innermost' || now === 'outermost') {
            const found = nearestOn(nest.value.lines, place);
            if (found === null) return;
            if (now === 'innermost') {
                innermost = found;
                unproposed.value = '';
                tool.value = 'outermost';
                return;
            }
            if (now === 'outermost') {
                propose(found);
                return;
            }
            if (now === 'length') {
                const long = stretchLength(found.line, found.place);
                if (knownMm() > 0 && long > 0) void scaled(knownMm() / long);
                tool.value = null;
                return;
            }
            const ids = alike(nest.value.lines, found.line).map(({ id }) => id);
            change({ lines: { ...lines.value, [size.value]: ids.join(' ') } });
            const after = sizes.value[sizes.value.indexOf(size.value) + 1];
            if (after !== undefined && lines.value[after] === undefined) size.value = after;
            else next();
        } else if (now === 'waist_y' || now === 'hip_y') {
            change({ [now]: round(upright[1]) });
            next();
        } else if (now === 'above_waist' || now === 'below_waist') {
            change({ lengthen_y: { ...marks.value.lengthen_y, [now]: round(upright[1]) } });
            next();
        } else if (now === 'frame') {
            const corner = [round(place[0]), round(place[1])];
            const before = frameFrom;
            frameFrom = before === null ? corner : null;
            if (before === null) return;
            change({ frame: [before, corner] });
            next();
        } else if (now === 'grain') {
            const before = marks.value.grain?.length === 1 ? marks.value.grain : [];
            // Turned otherwise the heights are others.
            const turned = { ...marks.value, grain: [...before, [round(place[0]), round(place[1])]] };
            delete turned.waist_y;
            delete turned.hip_y;
            delete turned.lengthen_y;
            marks.value = turned;
            if (before.length === 1) next();
        } else {
            change({ [now]: { ...marks.value[now], [size.value]: snapped(linesOf(size.value), place) } });
            next();
        }
    }

    return {
        tool,
        size,
        lines,
        sizeOf,
        ends,
        steps,
        ask,
        placeWords,
        pick,
        proposal,
        unproposed,
        accept,
        unframe,
    };
}
