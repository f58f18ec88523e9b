// @vitest-environment jsdom
import { flushPromises, type VueWrapper } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import { show, words } from '../../../tests/Front/show';
import { api, Refused } from '../api/client';
import AccountPage from './AccountPage.vue';

const push = vi.hoisted(() => vi.fn());
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }));
vi.mock('../ui/Crumbs.vue', () => ({ default: { render: () => null } }));
vi.mock('./BringBackPart.vue', () => ({ default: { render: () => null } }));
afterEach(() => {
    vi.restoreAllMocks();
    push.mockReset();
});

const ok = (data: unknown) => ({ data, response: new Response(null, { status: 200 }) }) as never;
const here = { id: 1, agent: 'Firefox on Linux', is_here: true, seen_at: '2026-11-30T08:00:00Z' };
const phone = { id: 2, agent: 'Chrome on Android', is_here: false, seen_at: '2026-11-12T08:00:00Z' };

async function opened(): Promise<VueWrapper> {
    let devices = [here, phone];
    vi.spyOn(api, 'GET').mockImplementation(((address: string) =>
        Promise.resolve(
            ok(
                address.endsWith('holds')
                    ? { wearers: 2, cards: 5, patterns: 1, houses: 0, makes: 3 }
                    : { devices },
            ),
        )) as never);
    vi.spyOn(api, 'DELETE').mockImplementation((() => {
        devices = [here];
        return Promise.resolve(ok(null));
    }) as never);
    const page = show(AccountPage, {});
    await flushPromises();
    return page;
}
const field = (page: VueWrapper, name: 'current' | 'new') =>
    page.get<HTMLInputElement>(`input[autocomplete="${name}-password"]`);
async function press(page: VueWrapper, label: string): Promise<void> {
    const button = page.findAll('button').find((one) => one.text() === label);
    await (label === 'Change the password' ? page.get('form').trigger('submit') : button?.trigger('click'));
    await flushPromises();
}

it('a password is changed with the one in use, and both fields are empty after it', async () => {
    const page = await opened();
    const send = vi.spyOn(api, 'PUT').mockResolvedValue(ok(null));
    await field(page, 'current').setValue('old words');
    await field(page, 'new').setValue('three new words here');
    await press(page, 'Change the password');
    expect(send).toHaveBeenCalledWith('/api/me/password', {
        body: { current: 'old words', password: 'three new words here' },
    });
    expect(words(page.get('[role=status]'))).toContain('The password is changed');
    expect([field(page, 'current').element.value, field(page, 'new').element.value]).toEqual(['', '']);
});

it('what is refused stands at its field, and nothing that was typed is lost', async () => {
    const page = await opened();
    vi.spyOn(api, 'PUT').mockRejectedValue(new Refused(422, 'no', { current: ['That is not it.'] }));
    await field(page, 'current').setValue('wrong');
    await field(page, 'new').setValue('three new words here');
    await press(page, 'Change the password');
    expect(words(page)).toContain('That is not it.');
    expect([field(page, 'current').element.value, field(page, 'new').element.value]).toEqual([
        'wrong',
        'three new words here',
    ]);
});

it('codes are shown once, and a new password that is being typed stays meanwhile', async () => {
    const page = await opened();
    vi.spyOn(api, 'POST').mockResolvedValue(ok({ codes: ['ab-12', 'cd-34'] }));
    await field(page, 'current').setValue('old words');
    await field(page, 'new').setValue('three new');
    await press(page, 'Make ten codes');
    expect(page.findAll('.codes li').map(words)).toEqual(['ab-12', 'cd-34']);
    expect(words(page)).toContain('2 are left.');
    expect([field(page, 'current').element.value, field(page, 'new').element.value]).toEqual([
        '',
        'three new',
    ]);
});

it('another device is signed out by its name, this one isn’t offered', async () => {
    const page = await opened();
    expect(page.findAll('.devices li').map(words)).toEqual([
        'Firefox on Linux here',
        'Chrome on Android last seen 12 Nov 2026 Sign out',
    ]);
    await page.get('[aria-label="Sign out Chrome on Android, last seen 12 Nov 2026"]').trigger('click');
    await flushPromises();
    expect(words(page)).toContain('Chrome on Android is signed out.');
    expect(page.findAll('.devices li').length).toBe(1);
});

it('what goes with the account is told before it goes, and it can be kept', async () => {
    const page = await opened();
    await press(page, 'Delete the account…');
    expect(words(page)).toContain('2 wearers');
    expect(words(page)).toContain('Nothing of it can be brought back.');
    await press(page, 'Keep it');
    expect(words(page)).not.toContain('brought back.');
    expect(api.DELETE).not.toHaveBeenCalled();
    await press(page, 'Delete the account…');
    await field(page, 'current').setValue('old words');
    await press(page, 'Delete it all');
    expect(api.DELETE).toHaveBeenCalledWith('/api/me', { body: { current: 'old words' } });
    expect(push).toHaveBeenCalledWith({ name: 'sign-in' });
});

it('an account that may not go stays, and says why', async () => {
    const page = await opened();
    await press(page, 'Delete the account…');
    vi.mocked(api.DELETE).mockRejectedValueOnce(new Refused(422, 'no', { current: ['That is not it.'] }));
    await press(page, 'Delete it all');
    expect(words(page)).toContain('That is not it.');
    expect(push).not.toHaveBeenCalled();
});
