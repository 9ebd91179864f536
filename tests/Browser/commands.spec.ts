/** The register of commands and how keys are written: pure parts, without a page. */
import { expect, test } from '@playwright/test';
import { Commands, Shortcut, type Command } from '../../resources/ts/wall/commands.ts';
import { register, type Doers } from '../../resources/ts/wall/register.ts';

const pressed = (key: string, ...held: ('ctrlKey' | 'altKey' | 'shiftKey' | 'metaKey')[]): KeyboardEvent => ({ key, ctrlKey: false, altKey: false, shiftKey: false, metaKey: false, ...Object.fromEntries(held.map((one) => [one, true])) }) as unknown as KeyboardEvent;

test('keys are written the same way whatever the keyboard', () => {
    expect([
        pressed('a'), pressed('A', 'shiftKey'), pressed('?', 'shiftKey'), pressed('+'), pressed(' '), pressed('z', 'metaKey'), pressed('Z', 'ctrlKey', 'shiftKey'), pressed('ArrowUp', 'altKey', 'shiftKey'), pressed('0', 'ctrlKey'),
    ].map(Shortcut.of)).toEqual(['A', 'Shift+A', '?', '+', 'Space', 'Ctrl+Z', 'Ctrl+Shift+Z', 'Alt+Shift+ArrowUp', 'Ctrl+0']);
    expect(['Ctrl+Shift+Z', 'Shift+ArrowLeft', '+', 'Alt++', 'Escape'].map(Shortcut.show)).toEqual(['Ctrl Shift Z', 'Shift ←', '+', 'Alt +', 'Esc']);
});

/** Parts that answer everything with nothing: only what commands are called and which keys they have is looked at. */
const nothing: unknown = new Proxy(() => nothing, { get: (_, name) => (name === 'layers' || name === 'screens' ? [] : name === Symbol.toPrimitive ? () => '' : nothing) });

test('every command has an id of its own, a name, and keys that no other has unless the two never apply at once', () => {
    const all = register(nothing as Doers);
    expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    for (const { id, name } of all) expect([id, name]).toEqual([expect.stringMatching(/^[a-z][a-z0-9-]*$/), expect.stringMatching(/^[A-Z]/)]);
    const owners = new Map<string, Command[]>();
    for (const command of all) if (!command.listed) for (const keys of command.keys ?? []) owners.set(keys, [...(owners.get(keys) ?? []), command]);
    for (const [keys, commands] of owners) if (commands.length > 1) expect([keys, commands.every(({ when }) => when !== undefined)]).toEqual([keys, true]);
});

test('a person’s keys stand instead of those that a command comes with; what is unknown is left out', () => {
    let done = '';
    const command = (id: string, keys: string[], rest: Partial<Command> = {}): Command => ({ id, name: id, group: 'Tools', keys, run: () => (done = id), ...rest });
    const commands = new Commands([command('one', ['A']), command('two', ['B'], { when: () => false, menu: ['layers'] }), command('three', ['C held'], { listed: true, menu: ['wall'] }), command('four', [], { menu: ['layers'] })], { one: ['Alt+X'], gone: ['Q'] });
    expect(commands.of('A')).toEqual([]);
    expect(commands.of('Alt+X').map(({ id }) => id)).toEqual(['one']);
    expect(commands.changed).toEqual({ one: ['Alt+X'] });
    expect([commands.run('one'), done]).toEqual([true, 'one']);
    expect([commands.run('two'), commands.run('three'), commands.run('nowhere'), done]).toEqual([false, false, false, 'one']);
    expect(commands.menu('layers').map(({ id }) => id)).toEqual(['four']);
    commands.set({ one: [] });
    expect([...commands.of('A'), ...commands.of('Alt+X')]).toEqual([]);
});
