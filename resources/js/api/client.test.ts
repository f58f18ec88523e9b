// @vitest-environment jsdom
import { expect, it, vi } from 'vitest';

const fetched = vi.fn<(request: Request) => Promise<Response>>();
// The client takes the browser's fetch as it is created.
vi.stubGlobal('fetch', fetched);
const { api, asRefused, body, Refused } = await import('./client');

const answer = (status: number, said: unknown): Response =>
    new Response(typeof said === 'string' ? said : JSON.stringify(said), {
        status,
        headers: { 'Content-Type': 'application/json' },
    });
async function refusal(given: Response | Error) {
    fetched.mockImplementationOnce(() =>
        given instanceof Error ? Promise.reject(given) : Promise.resolve(given),
    );
    return api.GET('/api/me').then(
        () => null,
        (error: unknown) => asRefused(error),
    );
}

it('a good answer is its body, asked for as JSON with the token that the server gave', async () => {
    document.cookie = 'XSRF-TOKEN=one%3Dtwo';
    fetched.mockResolvedValueOnce(answer(200, { id: 7 }));
    expect(await api.GET('/api/me').then(body)).toEqual({ id: 7 });
    const asked = fetched.mock.lastCall?.[0].headers;
    expect([asked?.get('Accept'), asked?.get('X-XSRF-TOKEN')]).toEqual(['application/json', 'one=two']);
});

it('a fault is known by its field, with the first of its sentences', async () => {
    const refused = await refusal(
        answer(422, { message: 'Two faults.', errors: { name: ['A name, please.', 'Really.'] } }),
    );
    expect([refused?.status, refused?.message]).toEqual([422, 'Two faults.']);
    expect([refused?.at('name'), refused?.at('notes')]).toEqual(['A name, please.', null]);
});

it('a record that was changed elsewhere comes with the refusal', async () => {
    const refused = await refusal(answer(409, { message: 'Changed.', card: { version: 4 } }));
    expect(refused?.answer).toEqual({ message: 'Changed.', card: { version: 4 } });
});

it.each([
    [401, 'You are signed out.'],
    [419, 'You are signed out.'],
    [500, 'The server has stumbled.'],
    [502, 'The server has stumbled.'],
    [404, 'The server gave no reason.'],
])('an answer of %d says what a person can do, never what went wrong inside', async (status, says) => {
    const refused = await refusal(answer(status, status < 500 ? '<html>' : { message: 'SQLSTATE[HY000]' }));
    expect(refused?.message).toContain(says);
    expect(refused?.message).not.toContain('SQLSTATE');
});

it('a server that is busy or full says so itself', async () => {
    const refused = await refusal(answer(507, { message: 'The disk of the server is full.' }));
    expect(refused?.message).toBe('The disk of the server is full.');
});

it('a server out of reach is told apart: what was typed can be sent again', async () => {
    const refused = await refusal(new TypeError('Failed to fetch'));
    expect([refused?.status, refused?.message]).toEqual([0, expect.stringContaining('can’t be reached')]);
});

it('whatever is thrown can be shown', () => {
    const known = new Refused(422, 'No.', {});
    expect(asRefused(known)).toBe(known);
    expect(asRefused(new Error('lost')).message).toBe('lost');
    expect(asRefused('plain').message).toBe('plain');
});

it('what was refused for being too much at once waits for its turn by itself, and in the end it is said', async () => {
    vi.useFakeTimers();
    const busy = () => Promise.resolve(answer(429, { message: 'Try again in a moment.' }));
    fetched.mockReset();
    fetched
        .mockImplementationOnce(busy)
        .mockImplementationOnce(busy)
        .mockResolvedValueOnce(answer(200, { id: 7 }));
    const asked = api.GET('/api/me').then(body);
    await vi.runAllTimersAsync();
    expect([await asked, fetched.mock.calls.length]).toEqual([{ id: 7 }, 3]);

    // What changes something is sent again as it was sent first.
    fetched.mockReset();
    const sent: string[] = [];
    fetched.mockImplementation(async (request) => {
        sent.push(await request.text());
        return sent.length < 3 ? answer(429, {}) : answer(200, { id: 8 });
    });
    const changed = api.POST('/api/wearers', { body: { name: 'Ana' } }).then(body);
    await vi.runAllTimersAsync();
    expect([await changed, sent]).toEqual([{ id: 8 }, Array(3).fill('{"name":"Ana"}')]);

    fetched.mockReset();
    fetched.mockImplementation(busy);
    const refused = api.GET('/api/me').catch((error: unknown) => asRefused(error).message);
    await vi.runAllTimersAsync();
    expect([await refused, fetched.mock.calls.length]).toEqual(['Try again in a moment.', 4]);
    vi.useRealTimers();

    // At the door nobody waits a minute for an answer.
    fetched.mockReset();
    fetched.mockResolvedValueOnce(
        new Response('{"message":"Wait a minute."}', { status: 429, headers: { 'Retry-After': '60' } }),
    );
    await expect(api.GET('/api/me').catch((error: unknown) => asRefused(error).message)).resolves.toBe(
        'Wait a minute.',
    );
});

it('a server in front that has enough is told in words', async () => {
    fetched.mockReset();
    fetched.mockResolvedValueOnce(answer(429, '<html>429</html>'));
    const refused = await api.POST('/api/demo').catch((error: unknown) => asRefused(error).message);
    expect(refused).toContain('So much was asked for at once.');
});
