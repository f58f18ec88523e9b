/** How the fields of a make are called where a fault names one. */
const KEYS: Record<string, string> = {
    full_bust: 'full bust',
    high_bust: 'high bust',
    waist: 'waist',
    hip: 'hip',
    bust: 'bust',
    sizes: 'size',
    liked_ease: 'the ease you like',
    least_ease: 'least ease',
    own_garment: 'a garment laid flat',
    by_hand: 'by hand',
    centre_back: 'centre back',
    front_larger: 'front and back unlike',
    take: 'what to do with it',
    range: 'envelope',
    ranges: 'envelope',
    largest_step: 'largest step',
    station_every: 'stations',
    body_chart: 'body chart',
    finished: 'finished chart',
    fabric_needs: 'cloth',
    by_size: 'by size',
    underarm_to_waist: 'underarm to waist',
    waist_to_hip: 'waist to hip',
    hip_to_hem: 'hip to hem',
    waist_to_hem: 'waist to hem',
    above_waist: 'above the waist',
    below_waist: 'below the waist',
    own_lines: 'your own line',
    stretch_to: 'stretch',
};
/** Parts of a document that say nothing to who works on it. */
const SILENT = new Set(['choices', 'body', 'pattern', 'fitting', 'verdict', 'cloth', 'seam']);

/** A field in words, such as `size, waist`; empty where only the whole is meant. */
export function fieldWords(path: string): string {
    return path
        .split('.')
        .flatMap((part) => {
            const [, key = part, index] = /^(.*?)(?:\[(\d+)\])?$/.exec(part) ?? [];
            if (SILENT.has(key)) return [];
            const words = KEYS[key] ?? key.replaceAll('_', ' ');
            return [index === undefined ? words : `${words} ${Number(index) + 1}`];
        })
        .join(', ');
}
