import '@fontsource-variable/inter';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { theme } from './ui/theme';
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

const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? '';

createApp(App)
    .use(createPinia())
    .use(router)
    .use(PrimeVue, {
        theme: { preset: theme, options: { darkModeSelector: 'system', cssLayer: false } },
        csp: { nonce },
    })
    .mount('#app');
