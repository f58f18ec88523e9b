// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { useTalkingTape, type TapeServer } from './useTalkingTape';

function tape() {
    const sent: { id: number; text: string; unit: 'cm' }[] = [];
    const asked: number[] = [];
    const server: TapeServer = {
        pair: () => Promise.resolve({ address: 'here', token: 'secret', last: 5 }),
        since: (after) => {
            asked.push(after);
            return Promise.resolve(sent.filter(({ id }) => id > after));
        },
    };
    const say = (id: number, text: string): void => void sent.push({ id, text, unit: 'cm' });
    return { server, asked, say };
}

it('hands on what came after it was paired, each reading once and in order', async () => {
    const { server, asked, say } = tape();
    const heard: string[] = [];
    const listener = useTalkingTape(async ({ text }) => void heard.push(text), server);
    say(5, 'old');
    await listener.start();
    say(6, '84.5');
    say(7, '84.6');
    await listener.listen();
    await listener.listen();
    expect(heard).toEqual(['84.5', '84.6']);
    expect(asked).toEqual([5, 7]);
    listener.stop();
});

it('hears nothing before it is paired or after it was stopped', async () => {
    const { server, asked } = tape();
    const listener = useTalkingTape(async () => undefined, server);
    await listener.listen();
    await listener.start();
    listener.stop();
    await listener.listen();
    expect(asked).toEqual([]);
});

it('tells of trouble and goes on listening', async () => {
    const { server, say } = tape();
    const heard: string[] = [];
    let away = true;
    const flaky: TapeServer = {
        ...server,
        since: (after) => (away ? Promise.reject(new Error('away')) : server.since(after)),
    };
    const listener = useTalkingTape(async ({ text }) => void heard.push(text), flaky);
    await listener.start();
    say(6, '84.5');
    await listener.listen();
    expect(listener.trouble.value).toBe('away');
    away = false;
    await listener.listen();
    expect([heard, listener.trouble.value]).toEqual([['84.5'], null]);
    listener.stop();
});
