/** What the clipboard has of a table: its text, and the same as a web page has it where that is one. */
export function clipped(event: ClipboardEvent): { text: string; html: string | null } {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const html = event.clipboardData?.getData('text/html') ?? '';
    const isTable = /<table|role="(?:table|grid)"|display:\s*(?:inline-)?grid/i.test(html);
    return { text, html: isTable ? html : null };
}
