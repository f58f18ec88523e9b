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

// Neither the frame of the page nor the door needs anything of the component library: it comes with the first page behind it.
let library: Promise<void> | null = null;
router.beforeResolve((to) =>
    to.name === 'sign-in'
        ? undefined
        : (library ??= import('./ui/components').then(({ installComponents }) => {
              installComponents(app);
          })),
);

app.mount('#app');
