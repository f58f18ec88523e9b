import vue from '@vitejs/plugin-vue';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

/** What most pages share comes as one file each, of ours and of the controls: a page asks for few. */
const groups = [
    { name: 'shared', test: /resources\/js\/(?!(api|state)\/)/, minShareCount: 2 },
    { name: 'controls', test: /node_modules\/(@?primevue|@primeuix)/, minShareCount: 4 },
];

export default defineConfig({
    plugins: [laravel({ input: ['resources/js/main.ts'] }), vue()],
    build: {
        // A data: address for a font would be refused by the page's own security policy.
        assetsInlineLimit: 0,
        rolldownOptions: { output: { codeSplitting: { includeDependenciesRecursively: false, groups } } },
    },
});
