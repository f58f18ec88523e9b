/*
 * What is wrong with how the texts of a page stand, from the rectangles of its text nodes: two that stand on one another,
 * one that runs out of its cell, one that is cut off by what holds it, and a field narrower than what stands in it.
 */
const NEAR = 1.5;
const shown = (element) => {
    if (!element.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true })) return false;
    for (let at = element; at; at = at.parentElement) {
        const style = getComputedStyle(at);
        if (style.clipPath !== 'none' || (style.position === 'absolute' && at.offsetWidth <= 1)) return false;
    }
    return true;
};
const texts = [];
const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
while (walker.nextNode()) {
    const node = walker.currentNode;
    const holder = node.parentElement;
    if (node.data.trim() === '' || holder.closest('script, style, select, textarea, noscript') || !shown(holder)) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const { left, right, top, bottom } of range.getClientRects()) {
        // Letters fill the middle of their line: what hangs above and below may touch the next one's.
        const slack = (bottom - top) * 0.27;
        if (right - left > NEAR) texts.push({ node, holder, left, right, top: top + slack, bottom: bottom - slack });
    }
}
const words = ({ node }) => node.data.trim().replace(/\s+/g, ' ').slice(0, 40);
const where = (element) => element.closest('[class]')?.getAttribute('class') ?? element.tagName;
const faults = [];

const byTop = [...texts].sort((a, b) => a.top - b.top);
byTop.forEach((one, index) => {
    for (let next = index + 1; next < byTop.length && byTop[next].top < one.bottom - NEAR; next += 1) {
        const other = byTop[next];
        const across = Math.min(one.right, other.right) - Math.max(one.left, other.left);
        if (one.node !== other.node && across > NEAR) {
            faults.push(`“${words(one)}” stands on “${words(other)}” in ${where(one.holder)}`);
        }
    }
});

for (const text of texts) {
    const cell = text.holder.closest('td, th')?.getBoundingClientRect();
    if (cell && (text.left < cell.left - NEAR || text.right > cell.right + NEAR)) {
        faults.push(`“${words(text)}” runs out of its cell in ${where(text.holder)}`);
    }
    for (let at = text.holder; at && at !== document.body; at = at.parentElement) {
        const { overflowX, overflowY, position } = getComputedStyle(at);
        const box = at.getBoundingClientRect();
        const isCutAcross = ['hidden', 'clip'].includes(overflowX) && (text.left < box.left - NEAR || text.right > box.right + NEAR);
        const isCutDown = ['hidden', 'clip'].includes(overflowY) && (text.top < box.top - NEAR || text.bottom > box.bottom + NEAR);
        if (isCutAcross || isCutDown) faults.push(`“${words(text)}” is cut off by ${where(at)}`);
        // What scrolls may hold more than it shows.
        if (['auto', 'scroll'].includes(overflowX) || position === 'fixed') break;
    }
}

// A sentence may be longer than its field; a figure or a name in a table may not.
for (const field of document.querySelectorAll('table input:not([type=checkbox], [type=radio], [type=file])')) {
    if (field.clientWidth > 1 && shown(field) && field.scrollWidth > field.clientWidth + NEAR) {
        faults.push(`“${field.value}” is wider than its field, ${field.getAttribute('aria-label') ?? field.id}`);
    }
}
return [...new Set(faults)];
