import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema';

/** What the server refused, by field, with its own sentence for each. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly errors: Record<string, string[]>,
        /** All that the answer said, such as how a record stands that was changed elsewhere. */
        readonly answer: unknown = null,
    ) {
        super(message);
    }

    /** The first sentence about a field, if it is at fault. */
    at(field: string): string | null {
        return this.errors[field]?.[0] ?? null;
    }
}

const guard: Middleware = {
    onRequest({ request }) {
        const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
        request.headers.set('Accept', 'application/json');
        if (token !== undefined) request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
        // What was sent once can't be sent again; a file is too large to be kept for that.
        if (request.headers.get('Content-Type')?.startsWith('application/json'))
            copies.set(request, request.clone());
        return request;
    },
    async onResponse({ request, response }) {
        if (response.ok) return undefined;
        const later = await askedAgain(request, response);
        if (later !== null) return later;
        const answer: unknown = await response.json().catch(() => null);
        const problem = (answer ?? {}) as { message?: string; errors?: Record<string, string[]> };
        throw new Refused(
            response.status,
            reason(response.status, problem.message),
            problem.errors ?? {},
            answer,
        );
    },
    onError() {
        return new Refused(0, 'The server can’t be reached. What you typed is still here; try again.', {});
    },
};

const MOST_TRIES = 4;
const SECOND_MS = 1000;
const MOST_SECONDS = 3;
/** Of requests that are under way, to be sent again. */
const copies = new WeakMap<Request, Request>();
/** Refused for being too many at once nothing was done yet: it waits for its turn by itself; null where that is no use. */
async function askedAgain(request: Request, refused: Response): Promise<Response | null> {
    const copy = request.method === 'GET' ? request : copies.get(request);
    let answer = refused;
    for (let tries = 1; copy !== undefined && answer.status === 429 && tries < MOST_TRIES; tries++) {
        const seconds = Number(answer.headers.get('Retry-After') ?? 1);
        // Who has tried too often, as at the door, is told at once.
        if (seconds > MOST_SECONDS) return null;
        await new Promise((done) => setTimeout(done, tries * seconds * SECOND_MS));
        answer = await fetch(copy.clone());
    }
    return answer.ok ? answer : null;
}

/** What a person can do about an answer that carries no sentence for one. */
function reason(status: number, message: string | undefined): string {
    if (status === 401 || status === 419) {
        return 'You are signed out. Sign in again in another tab; what you typed is still here.';
    }
    // 503 and 507 say what is the matter: it is busy, or full.
    if (status >= 500 && !(message && [503, 507].includes(status)))
        return 'The server has stumbled. What you typed is still here; try again.';
    // Where it is the server in front that has enough, it says nothing.
    if (status === 429)
        return (
            message ?? 'So much was asked for at once. What you typed is still here; try again in a moment.'
        );
    return message ?? 'The server gave no reason.';
}

const client = createClient<paths>({ baseUrl: window.location.origin, credentials: 'same-origin' });
client.use(guard);

/** The typed API of docs/openapi.json; every refusal is thrown as `Refused`. */
export const api = client;

/** The body of an answer, which the guard has already found good. */
export function body<T>(answer: { data?: T }): T {
    return answer.data as T;
}

/** Any thrown value as a refusal that can be shown. */
export function asRefused(error: unknown): Refused {
    if (error instanceof Refused) return error;
    return new Refused(0, error instanceof Error ? error.message : String(error), {});
}
