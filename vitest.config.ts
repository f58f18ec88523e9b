import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

// Apart from vite.config.ts, because the framework's plugin there refuses to start the unit runner
// wherever CI is set: it takes it for its development server.
export default defineConfig({
    plugins: [vue()],
    test: {
        environment: 'node',
        include: ['resources/js/**/*.test.ts'],
        // A page made anew for every file takes ten times as long as the tests: files share one, and leave it as it was.
        pool: 'threads',
        isolate: false,
        setupFiles: ['tests/Front/tidy.ts'],
    },
});
