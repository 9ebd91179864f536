import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: '.',
    testMatch: process.env['KINDRED_SOAK'] ? 'soak.ts' : 'bench.ts',
    outputDir: '../../var/bench-results',
    timeout: process.env['KINDRED_SOAK'] ? 0 : 900_000,
    reporter: [['list']],
    use: {
        viewport: { width: 1280, height: 800 },
        launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] },
    },
});
