import { computed } from 'vue';
import type { LevelPlan, Unit } from '../api/types';
import { figureText } from '../ui/figure';
import { useSizeName } from '../ui/sizeName';
import { spared, type Label } from '../ui/spared';
import { textWidth } from '../ui/textWidth';
import { arrowOf, bridgeOf, roomForEase } from './asCut';
import { arrowWords } from './changes';
import { notchAt, ticks, type Across } from './scale';

const LABEL_PX = 13.5;
const RULER_PX = 12;
const CLEAR_PX = 2;
const SAID_PX = 15;
const BOLD = 750;
/** As the figure of the body is set beside its pin. */
const BODY_PX = 20;
const BODY_PAD_PX = 6;
const PIN_PX = 12;
/** As the clip is set. */
const CLIP_PX = 38;
const CLIP_TYPE_PX = 18;
const CLIP_PAD_PX = 14;

/** Where each mark of a level's tape stands, and each name and figure that has room beside it. */
export function useGirthMarks(props: { level: LevelPlan; across: Across; width: number }, unit: () => Unit) {
    const nameOf = useSizeName();

    const marks = computed(() => ticks(props.across, unit(), props.width));
    const figures = computed(() =>
        marks.value.flatMap(({ label, x }) =>
            label === null ? [] : [{ label, x, half: textWidth(label, RULER_PX) / 2 + CLEAR_PX }],
        ),
    );
    const body = computed(() =>
        props.level.measure_nm === null ? null : props.across(props.level.measure_nm),
    );
    /** Right of the pin, or left of it where the tape ends. */
    const bodyFigureAt = computed(() => {
        const at = body.value ?? 0;
        const figure = textWidth(figureText(props.level.measure_nm ?? 0, unit()), BODY_PX, 700) + BODY_PAD_PX;
        return at + PIN_PX + figure <= props.width ? at + PIN_PX : at - PIN_PX - figure;
    });
    const said = computed(() => props.level.chart?.size);

    const chartNotches = computed(() => placed((notch) => notch.chart_nm));
    /** A range in the chart is drawn as wide as it is. */
    const chartSpans = computed(() =>
        props.level.notches.flatMap(({ size, chart_from_nm: from, chart_to_nm: to }) =>
            from === null || to === null ? [] : [{ size, from: props.across(from), to: props.across(to) }],
        ),
    );
    const finishedNotches = computed(() => placed((notch) => notch.finished_nm));
    const clipNm = computed(() => notchAt(props.level, props.level.size));
    const clipAt = computed(() => (clipNm.value === null ? null : props.across(clipNm.value)));

    const bridge = computed(() => bridgeOf(props.level, props.across));
    const arrow = computed(() =>
        arrowOf(props.level, props.across, arrowWords(props.level, unit()), props.width),
    );
    const easeFigure = computed(() => roomForEase(bridge.value, arrow.value, props.width));

    /** Figures of the ruler under what stands across it; words, so that a clip that covers no other draws no ruler anew. */
    const covered = computed(() => {
        const across = [body.value, clipAt.value, arrow.value?.to ?? null].filter((x) => x !== null);
        return figures.value
            .filter(({ x, half }) => across.some((one) => Math.abs(one - x) < half))
            .map(({ label }) => label)
            .join(' ');
    });

    function placed(value: (notch: LevelPlan['notches'][number]) => number | null) {
        return props.level.notches.flatMap((notch) => {
            const nm = value(notch);
            return nm === null
                ? []
                : [{ size: notch.size, name: nameOf(notch.size), nm, x: props.across(nm) }];
        });
    }

    const places = computed(() => new Map(props.level.notches.map(({ size }, place) => [size, place])));
    const away = (size: string, from: string | undefined): number =>
        Math.abs((places.value.get(size) ?? 0) - (places.value.get(from ?? '') ?? Infinity));
    /**
     * What the chart says is named first, then what the clip is on, then the neighbours of both, which move aside rather
     * than be left out; of the others every second before those between.
     */
    const rankOf = (size: string, chosen: string | undefined): Pick<Label, 'rank' | 'stays'> => {
        if (size === chosen) return { rank: 1 };
        if (size === props.level.size) return { rank: 2, stays: true };
        if (away(size, chosen) === 1 || away(size, props.level.size) === 1) return { rank: 3, stays: true };
        return { rank: away(size, chosen ?? props.level.size) % 2 === 0 ? 4 : 5 };
    };
    const chartLabels = computed(() =>
        spared(
            chartNotches.value,
            ({ size, name, x }) => ({
                x,
                width: size === said.value ? textWidth(name, SAID_PX, BOLD) : textWidth(name, LABEL_PX),
                ...rankOf(size, said.value),
            }),
            props.width,
        ),
    );
    const clipPx = computed(() =>
        Math.max(CLIP_PX, textWidth(nameOf(props.level.size), CLIP_TYPE_PX, BOLD) + CLIP_PAD_PX),
    );
    const finishedLabels = computed(() => {
        const { size: clipped } = props.level;
        // The clip bears the name of its own size, and covers what lies under it.
        const notches = finishedNotches.value.filter(({ size }) => size !== clipped);
        const clip = clipAt.value === null ? [] : [{ size: clipped, name: '', nm: 0, x: clipAt.value }];
        return spared(
            [...clip, ...notches],
            ({ size, name, x }) => ({
                x,
                width: size === clipped ? clipPx.value : textWidth(name, LABEL_PX),
                ...(size === clipped ? { rank: 0 } : rankOf(size, clipped)),
            }),
            props.width,
        ).filter(({ size }) => size !== clipped);
    });

    return {
        nameOf,
        said,
        marks,
        covered,
        body,
        bodyFigureAt,
        chartNotches,
        chartSpans,
        chartLabels,
        finishedNotches,
        finishedLabels,
        bridge,
        arrow,
        easeFigure,
        clipAt,
        clipPx,
    };
}
