<script setup lang="ts">
import { onMounted, ref, shallowRef, watch } from 'vue';
import { api, asRefused, body } from '../api/client';
import type { MakeNest } from '../api/types';
import MakeLinks from '../paper/MakeLinks.vue';
import { useSession } from '../state/session';
import Crumbs from '../ui/Crumbs.vue';
import NestCanvas from './NestCanvas.vue';
import { pathOf } from './geometry';

const props = defineProps<{ id: number }>();
const session = useSession();
const nest = shallowRef<MakeNest | null>(null);
const refused = ref('');
const page = ref('a4');

async function load(): Promise<void> {
    try {
        nest.value = await api
            .GET('/api/makes/{make}/nest', { params: { path: { make: props.id } } })
            .then(body);
    } catch (error) {
        refused.value = asRefused(error).message;
    }
}

onMounted(load);
watch(
    () => session.unit,
    () => session.settled().then(load),
);

const cm = (mm: number): string => `${(mm / 10).toFixed(1)} cm`;
</script>

<template>
    <div class="make-nest">
        <Crumbs><span>On its own lines</span></Crumbs>
        <MakeLinks :make="id" />
        <p v-if="refused" class="fault" role="alert">{{ refused }}</p>
        <template v-if="nest">
            <h1>{{ nest.headline }}</h1>
            <p class="who">
                <b>{{ nest.wearer }}</b> · {{ nest.pattern }}
            </p>
            <p v-for="sentence in nest.says" :key="sentence" class="says">{{ sentence }}</p>
            <p v-if="nest.pieces.length === 0">
                This pattern has no drawing of its own yet.
                <RouterLink :to="{ name: 'nest', params: { id: nest.pattern_id } }">Bring one</RouterLink>,
                and the new line is drawn on its curves.
            </p>
            <div class="pieces">
                <section v-for="piece in nest.pieces" :key="piece.piece" :aria-label="piece.piece">
                    <h2>{{ piece.piece }}</h2>
                    <p v-if="piece.fault" class="fault">
                        No line yet: {{ piece.fault }}.
                        <RouterLink :to="{ name: 'nest', params: { id: nest.pattern_id } }"
                            >Mark the drawing</RouterLink
                        >
                    </p>
                    <p v-if="piece.length_mm !== null && piece.printed_length_mm !== null" class="what">
                        side seam {{ cm(piece.length_mm) }}, as printed {{ cm(piece.printed_length_mm) }}
                    </p>
                    <NestCanvas
                        :width="piece.width_mm"
                        :height="piece.height_mm"
                        :label="`${piece.piece}: the new line on the printed ones`"
                    >
                        <template #default="{ dot }">
                            <path
                                v-for="(numbers, size) in piece.printed"
                                :key="size"
                                class="printed"
                                :d="pathOf([numbers])"
                                :stroke-width="1.1 * dot"
                            />
                            <path
                                v-if="piece.outline"
                                class="outline"
                                :d="pathOf([piece.outline])"
                                :stroke-width="1.6 * dot"
                            />
                            <path
                                v-if="piece.seam"
                                class="seam"
                                :d="pathOf([piece.seam])"
                                :stroke-width="3 * dot"
                            />
                        </template>
                    </NestCanvas>
                    <p v-if="piece.seam" class="inline out">
                        <a :href="`/api/makes/${id}/nest/${piece.piece}.svg`">SVG at true size</a>
                        <a
                            :href="`/api/makes/${id}/nest/${piece.piece}.pdf?page=${page}`"
                            target="_blank"
                            rel="noopener"
                            >PDF</a
                        >
                        <label>
                            on
                            <select v-model="page">
                                <option value="a4">A4</option>
                                <option value="letter">US Letter</option>
                                <option value="a3">A3</option>
                                <option value="a0">A0</option>
                                <option value="whole">one page</option>
                            </select>
                        </label>
                        <RouterLink :to="{ name: 'projector', params: { id }, query: { nest: piece.piece } }"
                            >Projector</RouterLink
                        >
                    </p>
                </section>
            </div>
        </template>
    </div>
</template>

<style scoped>
.make-nest {
    display: grid;
    gap: 12px;
    max-width: 1320px;
    margin: 12px auto 50px;
    padding: 0 24px;
}
.pieces {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
    gap: 24px;
}
.pieces section {
    display: grid;
    gap: 8px;
    align-content: start;
}
.printed {
    fill: none;
    stroke: var(--quiet);
}
.outline {
    fill: none;
    stroke: var(--cut);
    stroke-opacity: 0.6;
}
.seam {
    fill: none;
    stroke: var(--cut);
    stroke-linecap: round;
}
.out {
    gap: 18px;
}
</style>
