<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { api, asRefused, body, type Refused } from '../api/client';
import type { Bench, Plan, Workroom } from '../api/types';
import { useSession } from '../state/session';
import ChoiceField from '../ui/ChoiceField.vue';
import Crumbs from '../ui/Crumbs.vue';
import CompareCharts from './CompareCharts.vue';
import CompareLines from './CompareLines.vue';
import { compared, printedRows } from './compare';
import { judged } from './judged';

/** Two or three makes side by side. */
const props = defineProps<{ makes: number[] }>();
const router = useRouter();
const session = useSession();

const MOST = 3;
const benches = shallowRef<Bench[]>([]);
const room = shallowRef<Workroom | null>(null);
const refused = shallowRef<Refused | null>(null);
/** What went into the bin with the last "keep this one". */
const gone = ref<number[]>([]);
const added = ref<number | null>(null);

async function load(): Promise<void> {
    try {
        const open = (make: number) =>
            api.GET('/api/makes/{make}/bench', { params: { path: { make } } }).then(body);
        benches.value = await Promise.all(props.makes.map(open));
        refused.value = null;
    } catch (error) {
        refused.value = asRefused(error);
    }
}
/** What else could stand beside them: the whole workroom is planned for it, and nobody has to wait. */
async function loadRoom(): Promise<void> {
    room.value = await api
        .GET('/api/workroom')
        .then(body)
        .catch(() => null);
}
onMounted(() => Promise.all([load(), loadRoom()]));
watch(() => props.makes, load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const rows = computed(() => compared(benches.value, session.unit));
const printed = computed(() =>
    printedRows(
        benches.value.map(({ plan }) => plan as Plan | null),
        session.unit,
    ),
);
const comesTo = computed(() => judged(benches.value, session.unit));
const differing = computed(() => rows.value.filter(({ differs }) => differs).length);
const plans = computed(() => benches.value.flatMap(({ plan }) => (plan === null ? [] : [plan])) as Plan[]);
const nameOf = ({ make }: Bench): string => `${make.wearer}, ${make.name || make.pattern}`;
const others = computed(() =>
    (room.value?.makes ?? [])
        .filter(({ id }) => !props.makes.includes(id))
        .map(({ id, wearer, name, pattern }) => ({ value: id, label: `${wearer}, ${name || pattern}` })),
);

const show = (makes: readonly number[]): Promise<unknown> =>
    router.replace({ name: 'compare', query: { makes: makes.join(',') } });
watch(added, (make) => {
    if (make !== null) void show([...props.makes, make]);
    added.value = null;
});

/** The others go into the bin, from where they can be brought back. */
async function keep(kept: number): Promise<void> {
    gone.value = [];
    before = props.makes;
    const entries: number[] = [];
    try {
        for (const { make } of benches.value.filter((one) => one.make.id !== kept)) {
            const params = { path: { make: make.id } };
            const entry = await api
                .DELETE('/api/makes/{make}', { params, body: { version: make.version } })
                .then(body);
            entries.push(entry.id);
        }
        await show([kept]);
    } catch (error) {
        refused.value = asRefused(error);
    }
    // What went into the bin before something failed can be brought back too.
    gone.value = entries;
    await loadRoom();
}
let before: number[] = [];
async function undo(): Promise<void> {
    try {
        for (const entry of gone.value)
            await api.POST('/api/bin/{entry}/restore', { params: { path: { entry } } });
        gone.value = [];
        await Promise.all([show(before), loadRoom()]);
    } catch (error) {
        refused.value = asRefused(error);
    }
}
</script>

<template>
    <div class="compare">
        <Crumbs><span>Side by side</span></Crumbs>
        <h1>
            {{
                benches.length < 2
                    ? 'Side by side'
                    : differing === 0
                      ? 'They differ in nothing.'
                      : `They differ in ${differing === 1 ? 'one thing' : `${differing} things`}.`
            }}
        </h1>
        <p v-for="sentence in comesTo" :key="sentence" class="comes-to">{{ sentence }}</p>
        <p v-if="refused" class="fault" role="alert">
            {{ refused.message }} <RouterLink :to="{ name: 'workroom' }">To the workroom</RouterLink>
        </p>
        <p v-if="gone.length > 0" class="notice" role="status">
            {{ gone.length === 1 ? 'The other is' : 'The others are' }} in the bin.
            <button type="button" class="link" @click="undo">Undo</button>
        </p>
        <ChoiceField
            v-if="makes.length < MOST && others.length > 0"
            v-model="added"
            class="wider"
            :label="makes.length === 0 ? 'A make' : 'Beside it'"
            :options="others"
            placeholder="another make"
        />
        <p v-if="makes.length < 2" class="hint">
            Choose two or three makes: another pattern, another wearer, another card or other choices.
        </p>
        <div v-if="benches.length > 0" class="columns" :class="{ many: benches.length > 2 }">
            <div class="scroller">
                <table>
                    <thead>
                        <tr>
                            <td />
                            <th v-for="(bench, i) in benches" :key="bench.make.id" scope="col">
                                <span class="letter">{{ 'ABC'[i] }}</span>
                                <RouterLink :to="{ name: 'bench', params: { id: bench.make.id } }">{{
                                    nameOf(bench)
                                }}</RouterLink>
                                <span class="headline">{{ bench.plan?.headline ?? 'No plan yet.' }}</span>
                                <span v-if="benches.length > 1" class="acts">
                                    <button type="button" class="link" @click="keep(bench.make.id)">
                                        Keep this one<span class="sr-only">: {{ nameOf(bench) }}</span>
                                    </button>
                                    <button
                                        type="button"
                                        class="link"
                                        @click="show(makes.filter((make) => make !== bench.make.id))"
                                    >
                                        take out<span class="sr-only">: {{ nameOf(bench) }}</span>
                                    </button>
                                </span>
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="row in rows" :key="row.what" :class="{ differs: row.differs }">
                            <th scope="row">
                                <span v-if="row.differs" aria-hidden="true">≠ </span>{{ row.what
                                }}<span v-if="row.differs" class="sr-only">, differs</span>
                            </th>
                            <td v-for="(says, i) in row.says" :key="i">
                                <ul v-if="Array.isArray(says)">
                                    <li v-for="one in says" :key="one">{{ one }}</li>
                                </ul>
                                <template v-else>{{ says }}</template>
                            </td>
                        </tr>
                    </tbody>
                </table>
            </div>
            <CompareLines v-if="plans.length > 1" :plans="plans" :names="benches.map(nameOf)" />
        </div>
        <CompareCharts v-if="plans.length > 0" :rows="printed" :unit="session.unit" />
    </div>
</template>

<style scoped>
.compare {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
    max-width: 1400px;
    margin: 14px auto 60px;
    padding: 0 24px;
}
.comes-to {
    margin: 0;
    font-size: 16px;
}
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) max-content;
    gap: 20px 32px;
    align-items: start;
}
.columns.many {
    grid-template-columns: minmax(0, 1fr);
}
.columns ul {
    margin: 0;
    padding-left: 16px;
}
.columns li + li {
    margin-top: 4px;
}
thead th {
    min-width: 180px;
}
tbody th {
    white-space: nowrap;
    font-size: 13px;
    font-weight: 500;
    color: var(--quiet);
}
.differs th,
.differs td {
    font-weight: 650;
    color: var(--ink);
}
.differs {
    background: var(--doubt);
}
.letter {
    margin-right: 6px;
    font-weight: 750;
}
.headline {
    display: block;
    font-weight: 450;
    font-size: 14px;
}
.acts {
    display: block;
    font-weight: 500;
}
.acts .link {
    padding: 0 10px 0 0;
}
@media (max-width: 1000px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
