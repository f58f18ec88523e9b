/** An SVG path through points; a gap in them lifts the pen. */
export function pathThrough(points: ([number, number] | null)[]): string {
    let pen = 'M';
    return points
        .map((point) => {
            if (point === null) {
                pen = 'M';
                return '';
            }
            const step = `${pen}${point[0].toFixed(1)} ${point[1].toFixed(1)}`;
            pen = 'L';
            return step;
        })
        .join('');
}
