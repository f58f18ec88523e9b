import type { LevelPlan, Unit } from '../api/types';
import { figureText } from '../ui/figure';

/** What is done with what is left over, such as `let out 0.63 cm an edge`; null where nothing is. */
export function leftOverWords(level: LevelPlan, unit: Unit): string | null {
    const { left_over_nm, per_edge_nm, take } = level;
    if (left_over_nm === null || per_edge_nm === null || left_over_nm === 0) return null;
    if (take === 'leave') {
        const left = `${figureText(Math.abs(left_over_nm), unit)} too ${left_over_nm > 0 ? 'much' : 'little'}`;
        return level.is_carried ? `by the chart ${left}; the garment has room` : left;
    }
    const amount = figureText(Math.abs(per_edge_nm), unit);
    return per_edge_nm === 0 ? null : `${per_edge_nm > 0 ? 'take in' : 'let out'} ${amount} an edge`;
}

/** What is changed beside that, each in a few words. */
export function otherWords(level: LevelPlan, method: 'pivot' | 'slash' | null, unit: Unit): string[] {
    const words: string[] = [];
    if (level.adjusted_nm !== 0) {
        const shared = level.adjusted_nm / (method === 'slash' ? 2 : 4);
        const amount = figureText(Math.abs(shared), unit);
        const where = method === 'slash' ? 'at the front edges' : 'an edge';
        words.push(`${shared > 0 ? 'out' : 'in'} ${amount} ${where} for the bust`);
    }
    if (level.centre_back_nm !== 0) {
        words.push(`${figureText(Math.abs(level.centre_back_nm), unit)} at the centre back`);
    }
    if (level.by_hand_nm !== 0) {
        const way = level.by_hand_nm > 0 ? 'wider' : 'narrower';
        words.push(`by hand ${figureText(Math.abs(level.by_hand_nm), unit)} ${way}`);
    }
    if (level.front !== level.back) words.push(`front ${level.front}, back ${level.back}`);
    return words;
}

/** What the arrow on the tape says: how the garment as cut differs from the size as printed. */
export function arrowWords(level: LevelPlan, unit: Unit): string {
    const amount = figureText(Math.abs(level.changed_nm), unit);
    if (level.changed_nm === level.adjusted_nm) {
        return `${amount} ${level.changed_nm > 0 ? 'added' : 'off'} for the bust`;
    }
    return `${level.changed_nm > 0 ? 'let out' : 'taken in'} ${amount}`;
}
