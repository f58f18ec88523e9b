/** The lines of an answer that comes line by line, each parsed as soon as it is whole. */
export async function* readLines<T>(answer: ReadableStream<Uint8Array>): AsyncGenerator<T> {
    const reader = answer
        .pipeThrough(new TextDecoderStream() as TransformStream<Uint8Array, string>)
        .getReader();
    let rest = '';
    for (;;) {
        const { done, value } = await reader.read();
        const lines = `${rest}${value ?? ''}`.split('\n');
        rest = done ? '' : (lines.pop() ?? '');
        for (const line of lines) if (line !== '') yield JSON.parse(line) as T;
        if (done) return;
    }
}
