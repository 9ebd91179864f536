import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: '.',
    testMatch: 'bench.ts',
    outputDir: '../../var/bench-results',
    timeout: 900_000,
    reporter: [['list']],
    use: {
        viewport: { width: 1280, height: 800 },
        launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] },
    },
});
