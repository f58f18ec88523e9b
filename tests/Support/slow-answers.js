/*
 * Every answer of the API comes late by 0 to 800 ms, at random from a seed, so that what goes wrong once goes wrong again.
 * Answered plans are kept, for those who look whether anything else was ever shown.
 */
(() => {
    let state = SEED;
    const random = () => {
        state = (state * 1664525 + 1013904223) % 4294967296;
        return state / 4294967296;
    };
    const fetch = window.fetch;
    window.answeredPlans = [];
    window.fetch = async (...asked) => {
        const answer = await fetch(...asked);
        await new Promise((come) => setTimeout(come, random() * 800));
        const isPlan = /\/(bench|choices)$/.test(answer.url);
        if (isPlan && answer.ok) {
            const body = await answer.clone().json();
            window.answeredPlans.push(body.plan ?? body);
        }
        return answer;
    };
})();
