import { expect, it, vi } from 'vitest';
import { useJoining } from './joining';

const before = { name: 'Merrin', notes: '' };

it('changes that touch different things are taken over at once', async () => {
    const { clashes, join } = useJoining<typeof before>();
    const take = vi.fn(() => Promise.resolve());
    await join({
        before,
        here: () => ({ ...before, notes: 'left-handed' }),
        meanwhile: { ...before, name: 'Merryn' },
        take,
    });
    expect(take).toHaveBeenCalledExactlyOnceWith({ name: 'Merryn', notes: 'left-handed' });
    expect(clashes.value).toEqual([]);
});

it('a clash is asked about, and what is typed until it is settled counts too', async () => {
    const { clashes, join, settle } = useJoining<typeof before>();
    const take = vi.fn(() => Promise.resolve());
    let typed = { ...before, name: 'Merran' };
    await join({ before, here: () => typed, meanwhile: { ...before, name: 'Merryn' }, take });
    expect(take).not.toHaveBeenCalled();
    expect(clashes.value).toEqual([{ path: ['name'], here: 'Merran', meanwhile: 'Merryn' }]);
    typed = { ...typed, notes: 'left-handed' };
    await settle('meanwhile');
    expect(take).toHaveBeenCalledExactlyOnceWith({ name: 'Merryn', notes: 'left-handed' });
    expect(clashes.value).toEqual([]);
    await settle('here');
    expect(take).toHaveBeenCalledTimes(1);
});
