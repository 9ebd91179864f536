import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({
            input: ['resources/css/app.css', 'resources/ts/pages.ts', 'resources/ts/brief.ts', 'resources/ts/wall.ts', 'resources/ts/rehearse.ts', 'resources/ts/house.ts'],
            refresh: false,
        }),
        tailwindcss(),
    ],
    build: { assetsInlineLimit: 0, target: 'es2022' },
});
