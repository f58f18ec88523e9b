import PrimeVue from 'primevue/config';
import type { App } from 'vue';
import { theme } from './theme';

/** Puts the component library into the application, in our own ink. */
export function installComponents(app: App): void {
    const nonce = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? '';
    app.use(PrimeVue, {
        theme: { preset: theme, options: { darkModeSelector: 'system', cssLayer: false } },
        csp: { nonce },
    });
}
