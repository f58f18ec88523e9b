export interface ChoiceRow<K extends string> {
    key: K;
    label: string;
    options: readonly { value: string; label: string }[];
    value: string | null | undefined;
    /** What counts where none is chosen; left out where one is always chosen. */
    none?: string;
    /** Why another answer would change nothing now. */
    idle?: string | null;
}

/** A choice among names, which are their own labels. */
export const named = (names: readonly string[] | undefined): { value: string; label: string }[] =>
    (names ?? []).map((name) => ({ value: name, label: name }));
