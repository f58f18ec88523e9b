import '@fontsource-variable/inter';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import './ui/paper.css';
import './ui/fields.css';
import './ui/shared.css';
import './ui/print.css';

const app = createApp(App).use(createPinia()).use(router);

// The frame of the page needs nothing of the component library: it comes beside the first page.
const library = import('./ui/components').then(({ installComponents }) => {
    installComponents(app);
});
router.beforeResolve(() => library);

app.mount('#app');
