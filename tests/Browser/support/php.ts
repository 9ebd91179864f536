/** Asks the core: runs a PHP script beside the tests with JSON in and out. */
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

export function ask<T>(script: string, question: unknown): T {
    const answer = execFileSync('php', ['-d', 'memory_limit=1G', join('tests/Browser/support', script)], { input: JSON.stringify(question), maxBuffer: 1 << 28 });
    return JSON.parse(answer.toString()) as T;
}
