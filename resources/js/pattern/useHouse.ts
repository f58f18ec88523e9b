import { nextTick, ref, watch } from 'vue';
import { api, asRefused, body, type Refused } from '../api/client';
import type { BinEntry, Habits, House, Unit } from '../api/types';
import { useJoining } from '../state/joining';
import { merged } from '../state/merge';

interface TypedHouse {
    name: string;
    unit: Unit;
    habits: Habits;
    /** Null for a house that nothing is kept of yet. */
    version: number | null;
}

const put = (house: TypedHouse): Promise<House> => api.PUT('/api/houses', { body: house }).then(body);

/** What stands meanwhile, where a house was changed elsewhere. */
function meanwhileOf(refused: Refused): House | null {
    return refused.status === 409 ? ((refused.answer as { house?: House } | null)?.house ?? null) : null;
}

/** Adds to what is known of a house, whatever another tab keeps of it at the same time. */
export async function addHabits(
    house: Pick<TypedHouse, 'name' | 'unit'>,
    known: House | null,
    add: (habits: Habits) => Habits,
): Promise<House> {
    const unit = known?.unit ?? house.unit;
    try {
        return await put({
            name: house.name,
            unit,
            habits: add(known?.habits ?? {}),
            version: known?.version ?? null,
        });
    } catch (error) {
        const meanwhile = meanwhileOf(asRefused(error));
        if (meanwhile === null) throw error;
        return addHabits(house, meanwhile, add);
    }
}

/**
 * The habits of a house as they are typed, until they are kept by a press.
 *
 * @param known as the server has it; null for a house that nothing is kept of yet
 * @param take told the house as it stands by now
 */
export function useHouse(
    house: () => { name: string; unit: Unit; known: House | null },
    take: (house: House) => void,
) {
    const habits = ref<Habits>({});
    const said = ref('');
    const { clashes, join, settle } = useJoining<Habits>();

    // What is typed by now stays on top of whatever comes from the server.
    watch(
        () => house().known,
        (now, before) => {
            habits.value =
                now !== null && before?.name === now.name
                    ? merged(before.habits, habits.value, now.habits).merged
                    : { ...now?.habits };
        },
        { immediate: true },
    );

    function change(part: Partial<Habits>): void {
        habits.value = { ...habits.value, ...part };
    }

    async function keep(): Promise<void> {
        const { name, unit, known } = house();
        try {
            const kept = await put({ name, unit, habits: habits.value, version: known?.version ?? null });
            said.value = `Kept. Every pattern of ${name} follows where it says nothing of its own.`;
            take(kept);
        } catch (error) {
            const refused = asRefused(error);
            const meanwhile = meanwhileOf(refused);
            if (meanwhile === null) {
                said.value = refused.message;
                return;
            }
            await join({
                before: known?.habits ?? {},
                here: () => habits.value,
                meanwhile: meanwhile.habits,
                take: async (both) => {
                    take(meanwhile);
                    await nextTick();
                    habits.value = both;
                    await keep();
                },
            });
        }
    }

    const remove = ({ id, version }: House): Promise<BinEntry> =>
        api.DELETE('/api/houses/{house}', { params: { path: { house: id } }, body: { version } }).then(body);

    return { habits, said, clashes, settle, change, keep, remove };
}
