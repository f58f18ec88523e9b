import { createRouter, createWebHistory, type RouteLocationNormalized } from 'vue-router';
import { pieces } from './nest/pieces';
import { useSession } from './state/session';

const id = '(\\d+)';
const byId = (to: RouteLocationNormalized): { id: number } => ({ id: Number(to.params.id) });

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/', name: 'sign-in', component: () => import('./account/SignInPage.vue') },
        { path: '/workroom', name: 'workroom', component: () => import('./workroom/WorkroomPage.vue') },
        {
            path: `/cards/:id${id}`,
            name: 'card',
            props: (to) => ({
                ...byId(to),
                make: to.query.for === undefined ? undefined : Number(to.query.for),
            }),
            component: () => import('./measure/CardPage.vue'),
        },
        {
            path: `/wearers/:id${id}`,
            name: 'wearer',
            props: byId,
            component: () => import('./wearer/WearerPage.vue'),
        },
        {
            path: '/practice',
            name: 'practice',
            props: ({ query }) => ({
                exercise: String(query.exercise ?? ''),
                by: String(query.by ?? ''),
                at: String(query.at ?? ''),
                card: query.card === undefined ? undefined : Number(query.card),
            }),
            component: () => import('./practice/PracticePage.vue'),
        },
        { path: '/patterns/new', name: 'new-pattern', component: () => import('./pattern/PatternPage.vue') },
        {
            path: `/patterns/:id${id}`,
            name: 'pattern',
            props: byId,
            component: () => import('./pattern/PatternPage.vue'),
        },
        {
            path: `/makes/:id${id}`,
            name: 'bench',
            props: byId,
            component: () => import('./bench/BenchPage.vue'),
        },
        {
            path: `/patterns/:id${id}/nest`,
            name: 'nest',
            props: byId,
            component: () => import('./nest/NestPage.vue'),
        },
        {
            path: `/makes/:id${id}/nest`,
            name: 'make-nest',
            props: byId,
            component: () => import('./nest/MakeNestPage.vue'),
        },
        {
            path: `/makes/:id${id}/cut-sheet`,
            // Where it was before, as it is kept in bookmarks.
            alias: `/makes/:id${id}/sheet`,
            name: 'cut-sheet',
            props: byId,
            component: () => import('./paper/CutSheetPage.vue'),
        },
        {
            path: `/makes/:id${id}/projector`,
            name: 'projector',
            props: (to) => ({
                ...byId(to),
                nest: pieces.find((piece) => piece === to.query.nest),
            }),
            component: () => import('./projector/ProjectorPage.vue'),
        },
        {
            path: `/patterns/:id${id}/projector`,
            name: 'own-projector',
            props: (to) => ({
                ...byId(to),
                pattern: byId(to).id,
                nest: pieces.find((piece) => piece === to.query.nest),
            }),
            component: () => import('./projector/ProjectorPage.vue'),
        },
        {
            path: `/makes/:id${id}/fitting`,
            name: 'fitting',
            props: byId,
            component: () => import('./fitting/FittingPage.vue'),
        },
        {
            path: `/makes/:id${id}/cloth`,
            name: 'cloth',
            props: byId,
            component: () => import('./fitting/ClothPage.vue'),
        },
        // Where it was before, as it is kept in bookmarks.
        { path: `/wearers/:id${id}/history`, redirect: ({ params }) => ({ name: 'wearer', params }) },
        {
            path: `/makes/:id${id}/files`,
            name: 'files',
            props: byId,
            component: () => import('./paper/FilesPage.vue'),
        },
        {
            path: `/patterns/:id${id}/company`,
            name: 'company',
            props: byId,
            component: () => import('./company/CompanyPage.vue'),
        },
        {
            path: `/wearers/:id${id}/patterns`,
            name: 'which-pattern',
            props: byId,
            component: () => import('./company/WhichPatternPage.vue'),
        },
        {
            path: '/compare',
            name: 'compare',
            props: (to) => ({
                makes: String(to.query.makes ?? '')
                    .split(',')
                    .map(Number)
                    .filter((make) => Number.isInteger(make) && make > 0)
                    .slice(0, 3),
            }),
            component: () => import('./company/ComparePage.vue'),
        },
        { path: '/bin', name: 'bin', component: () => import('./workroom/BinPage.vue') },
        { path: '/account', name: 'account', component: () => import('./account/AccountPage.vue') },
        { path: '/:rest(.*)*', redirect: '/' },
    ],
});

router.beforeEach(async (to) => {
    const user = await useSession().find();
    if (user === null && to.name !== 'sign-in') return { name: 'sign-in', query: { to: to.fullPath } };
    if (user !== null && to.name === 'sign-in') return { name: 'workroom' };
    return true;
});
