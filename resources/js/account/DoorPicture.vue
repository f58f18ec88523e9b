<script setup lang="ts">
/** The bench at a glance: three tapes, each with the body on it and the sizes beside it, and the line that joins them. */
const tapes = [
    {
        name: 'Bust',
        body: 191,
        from: 40,
        marks: [70, 118, 166, 214, 262, 310],
        sizes: [8, 10, 12, 14, 16, 18],
        cut: 3,
    },
    {
        name: 'Waist',
        body: 304,
        from: 126,
        marks: [84, 132, 180, 228, 276, 330],
        sizes: [8, 10, 12, 14, 16, 18],
        cut: 5,
    },
    {
        name: 'Hip',
        body: 181,
        from: 212,
        marks: [58, 106, 154, 202, 250, 298],
        sizes: [8, 10, 12, 14, 16, 18],
        cut: 3,
    },
] as const;
</script>

<template>
    <svg
        class="door-picture"
        viewBox="0 0 620 270"
        role="img"
        aria-label="Three tapes with sizes beside them, and a red line that joins the sizes picked"
    >
        <g v-for="tape in tapes" :key="tape.name" :transform="`translate(0 ${tape.from})`">
            <text class="name" x="0" y="17">{{ tape.name }}</text>
            <g transform="translate(70 0)">
                <rect class="tape" x="0" y="0" width="370" height="24" rx="2" />
                <path
                    class="ticks"
                    :d="
                        Array.from({ length: 37 }, (_, n) => `M${n * 10 + 5} 0v${n % 5 === 0 ? 9 : 5}`).join(
                            '',
                        )
                    "
                />
                <g v-for="(at, n) in tape.marks" :key="at">
                    <path class="chart" :d="`M${at} -2l-4 -7h8z`" />
                    <text class="size" :x="at" y="-13">{{ tape.sizes[n] }}</text>
                </g>
                <path class="body" :d="`M${tape.body} -20V30`" />
                <circle class="body" :cx="tape.body" cy="-22" r="5" />
                <g :transform="`translate(${tape.marks[tape.cut]} 44)`">
                    <rect class="cut" x="-15" y="-12" width="30" height="21" rx="3" />
                    <text class="picked" y="4">{{ tape.sizes[tape.cut] }}</text>
                </g>
            </g>
        </g>
        <path class="line" d="M540 40C560 60 600 100 600 138 600 170 552 190 540 224L538 262" />
        <path class="printed" d="M540 40C530 74 522 104 522 138 522 170 538 196 540 224L538 262" />
    </svg>
</template>

<style scoped>
.door-picture {
    width: 100%;
    max-width: 620px;
    margin-top: 26px;
}
.tape {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.ticks {
    stroke: var(--ink);
    stroke-width: 1;
}
.name {
    fill: var(--ink);
    font-size: 18px;
    font-weight: 700;
}
.size {
    fill: var(--chart);
    font-size: 13px;
    text-anchor: middle;
}
.chart {
    fill: var(--chart);
}
.body {
    fill: var(--body-mark);
    stroke: var(--body-mark);
    stroke-width: 3;
}
.cut {
    fill: var(--cut);
}
.picked {
    fill: var(--on-cut);
    font-size: 15px;
    font-weight: 700;
    text-anchor: middle;
}
.line {
    fill: none;
    stroke: var(--cut);
    stroke-width: 3.5;
}
.printed {
    fill: none;
    stroke: var(--quiet);
    stroke-dasharray: 5 5;
}
</style>
