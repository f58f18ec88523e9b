import '@fontsource-variable/inter';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import './ui/paper.css';
import './ui/bar.css';
import './ui/fields.css';
import './pages/door.css';
import './pages/workroom.css';
import './pages/card.css';
import './pages/wearer.css';
import './sheet/sheet.css';
import './reasons/reasons.css';
import './bench/bench.css';
import './bench/tape.css';
import './seam/seam.css';
import './ui/narrow.css';

const app = createApp(App).use(createPinia()).use(router);

// The frame of the page needs nothing of the component library: it comes beside the first page.
const library = import('./ui/components').then(({ installComponents }) => {
    installComponents(app);
});
router.beforeResolve(() => library);

app.mount('#app');
