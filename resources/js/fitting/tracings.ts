import type { FittingDocument, FittingFinding } from '../api/types';

/** The tracing in hand; the first is the plan's. */
export const inHand = ({ tracing }: FittingDocument): number => tracing ?? 1;

const findingsOf = ({ findings }: FittingDocument): FittingFinding[] => findings ?? [];

export const tracingOf = ({ tracing }: FittingFinding): number => tracing ?? 2;

/** Whether the tracing in hand was tried on. */
export const isTried = (document: FittingDocument): boolean => (document.tried ?? 0) >= inHand(document);

/** Whether the next finding opens a tracing of its own: the first is the plan's, and one that was tried is closed. */
const opensAnother = (document: FittingDocument): boolean => inHand(document) === 1 || isTried(document);

/** The tracing that the next finding goes into. */
export const nextTracing = (document: FittingDocument): number =>
    inHand(document) + (opensAnother(document) ? 1 : 0);

/**
 * A finding goes into the next tracing; one that is drawn and not tried yet takes it as well. What was stepped back
 * from is gone then: from here the tracings go another way.
 */
export function withFinding(
    document: FittingDocument,
    finding: Omit<FittingFinding, 'tracing'>,
): FittingDocument {
    const now = inHand(document);
    const tracing = nextTracing(document);
    return {
        ...document,
        tracing,
        tried: opensAnother(document) ? now : (document.tried ?? 0),
        findings: [...findingsOf(document).filter((one) => tracingOf(one) <= now), { ...finding, tracing }],
    };
}

export function withoutFinding(document: FittingDocument, index: number): FittingDocument {
    const findings = findingsOf(document).filter((_, i) => i !== index);
    // A tracing with nothing left on it is not counted.
    const last = Math.max(1, ...findings.map(tracingOf));
    const tracing = Math.min(inHand(document), last);
    return { ...document, findings, tracing, tried: Math.min(document.tried ?? 0, tracing) };
}

export const tried = (document: FittingDocument): FittingDocument => ({
    ...document,
    tried: inHand(document),
});

/** Takes an earlier tracing in hand, or a later one again. */
export const taken = (document: FittingDocument, tracing: number): FittingDocument => ({
    ...document,
    tracing,
});

/** All tracings there are, whichever is in hand. */
export const tracings = (document: FittingDocument): number[] => {
    const last = Math.max(inHand(document), ...findingsOf(document).map(tracingOf));
    return Array.from({ length: last }, (_, i) => i + 1);
};

/** Ticks a piece that a finding was done on, or takes the tick away. */
export function ticked(document: FittingDocument, index: number, piece: string): FittingDocument {
    const findings = findingsOf(document).map((finding, i) => {
        if (i !== index) return finding;
        const done = finding.done ?? [];
        return {
            ...finding,
            done: done.includes(piece) ? done.filter((one) => one !== piece) : [...done, piece],
        };
    });
    return { ...document, findings };
}

/** What was found on one tracing, each with its place in the document. */
export const foundOn = (
    document: FittingDocument,
    tracing: number,
): { finding: FittingFinding; index: number }[] =>
    findingsOf(document)
        .map((finding, index) => ({ finding, index }))
        .filter(({ finding }) => tracingOf(finding) === tracing);
