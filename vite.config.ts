import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/js/main.ts'] }), vue()],
    // A data: address for a font would be refused by the page's own security policy.
    build: { assetsInlineLimit: 0 },
});
