import { defineConfig } from '@playwright/test';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'var/browser-results',
    // One for each core; the tests of a file run one after another.
    workers: 2,
    fullyParallel: false,
    // With KINDRED_SLOW the browser's processor is so many times slower, with KINDRED_LATE what pages ask for sets out up to so many ms late
    // (tests/Browser/support/hand.ts); what is expected is waited for no longer.
    timeout: 60_000 * Number(process.env['KINDRED_SLOW'] ?? 1),
    // How long an answer may take is measured by bin/bench, not here.
    expect: { timeout: 20_000 },
    retries: 0,
    reporter: [['list']],
    use: {
        baseURL: process.env['KINDRED_URL'] ?? 'http://127.0.0.1:8400',
        viewport: { width: 1280, height: 800 },
        launchOptions: { executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] },
        trace: 'off',
    },
    // The last one kills the database, so nothing else may run beside it.
    projects: [
        { name: 'interface', testIgnore: /durability/ },
        { name: 'durability', testMatch: /durability/, dependencies: ['interface'] },
    ],
});
