import type { LevelPlan, Plan, Unit } from '../api/types';
import { shortNames } from '../ui/sizeName';
import { figureText } from '../ui/figure';

const COUNTS = [
    'no cautions',
    'one caution',
    'two cautions',
    'three cautions',
    'four cautions',
    'five cautions',
];

/** What a change did, to be heard: every level that is cut otherwise now, and how many cautions there are. */
export function changeSpoken(before: Plan, now: Plan, unit: Unit): string {
    const levels = now.levels
        .filter((level) => {
            const was = before.levels.find((one) => one.level === level.level);
            return was?.size !== level.size || was.as_cut_nm !== level.as_cut_nm;
        })
        .map((level) => levelSpoken(level, unit, shortNames(now)));
    const count = COUNTS[now.cautions.length] ?? `${now.cautions.length} cautions`;
    const isSame = before.headline === now.headline && before.cautions.length === now.cautions.length;
    if (levels.length === 0 && isSame) return '';
    return `${[...(levels.length === 0 ? [now.headline.replace(/\.$/, '')] : levels), count].join('; ')}.`;
}

function levelSpoken(level: LevelPlan, unit: Unit, nameOf: (size: string) => string): string {
    const finished = level.as_cut_nm === null ? '' : `, finished ${figureText(level.as_cut_nm, unit)}`;
    const ease = level.ease_as_cut_nm === null ? '' : `, ${figureText(level.ease_as_cut_nm, unit)} ease`;
    return `${level.level} ${nameOf(level.size)}${finished}${ease}`;
}
