/*
 * Looks at the bench at every frame: what is not grey must be what one answered plan says, whole, with its clips; and what
 * is spoken likewise. What was ever otherwise is kept in window.falsehoods.
 */
const text = (element) => element?.textContent.replace(/\s+/g, ' ').replace(/−/g, '-').trim() ?? '';
const told = (element) => element !== null && element.closest('[aria-busy="true"]') === null;
const cm = (nm) => (nm === null ? '–' : String(Math.round(nm / 1e6) / 10));
window.falsehoods = new Set();
window.sampled = 0;
const look = () => {
    // Where the sizes stand as tags, the sentence is there for who hears it.
    const headline = document.querySelector('.bench h1 .sr-only') ?? document.querySelector('.bench h1');
    const rows = [...document.querySelectorAll('.plan tbody tr')];
    const clips = [...document.querySelectorAll('.clip')];
    if (headline && rows.length === clips.length && told(headline)) {
        window.sampled += 1;
        const says = JSON.stringify([text(headline), clips.map(text), rows.map((row) => text(row.querySelector('.garment')))]);
        const plans = window.answeredPlans.map((plan) =>
            JSON.stringify([
                plan.headline.replace(/−/g, '-'),
                plan.levels.map(({ size }) => size),
                plan.levels.map(({ as_cut_nm }) => cm(as_cut_nm)),
            ]));
        if (!plans.includes(says)) window.falsehoods.add(says);
    }
    for (const clip of clips) {
        const spoken = clip.getAttribute('aria-valuetext').replace(/−/g, '-');
        const level = clip.dataset.level;
        const size = text(clip);
        const cuts = window.answeredPlans.flatMap(({ levels }) =>
            levels.filter((one) => one.level === level && one.size === size).map((one) => cm(one.as_cut_nm)));
        const said = /cut to ([\d.]+)/.exec(spoken)?.[1];
        if (said !== undefined && !cuts.includes(said)) window.falsehoods.add(`${level}: ${spoken}`);
        if (/no finished measure/.test(spoken) && !cuts.includes('–')) window.falsehoods.add(`${level}: ${spoken}`);
    }
    requestAnimationFrame(look);
};
requestAnimationFrame(look);
