/** The player as one script and one style sheet, for web pages that leave the application. */
import { defineConfig } from 'vite';

export default defineConfig({
    publicDir: false,
    build: {
        outDir: 'public/build/player',
        emptyOutDir: true,
        target: 'es2022',
        lib: { entry: 'resources/ts/rehearse.ts', formats: ['iife'], name: 'KindredPlayer', fileName: () => 'player.js', cssFileName: 'player' },
    },
});
