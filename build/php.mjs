/** Writes a JavaScript value as a PHP file that returns it; integer keys stay integers. */
import { writeFileSync, renameSync } from 'node:fs';

const quote = (text) => `'${text.replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`;

export function phpLiteral(value) {
    if (value === null || value === undefined) return 'null';
    if (typeof value === 'number' || typeof value === 'boolean') return String(value);
    if (typeof value === 'string') return quote(value);
    if (Array.isArray(value)) return `[${value.map(phpLiteral).join(',')}]`;
    const entries = value instanceof Map ? [...value] : Object.entries(value);
    return `[${entries
        .map(([key, item]) => `${typeof key === 'number' ? key : quote(key)}=>${phpLiteral(item)}`)
        .join(',')}]`;
}

export function writePhp(path, value) {
    writeFileSync(`${path}.tmp`, `<?php return ${phpLiteral(value)};\n`);
    renameSync(`${path}.tmp`, path);
}
