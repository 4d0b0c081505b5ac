import { describe, expect, test } from '@jest/globals';
import { CommandRegistry } from './registry';

const command = (id: string) => ({ id, title: id, run: () => undefined });

describe('commands on offer', () => {
  test('come and go with the screens that offer them, and listeners are reported', () => {
    const registry = new CommandRegistry();
    let heard = 0;
    const stop = registry.subscribe(() => (heard += 1));
    registry.offer('shell', [command('today')]);
    registry.offer('lot', [command('sign'), command('reading')]);
    expect(registry.snapshot().map((item) => item.id)).toEqual(['today', 'sign', 'reading']);
    registry.offer('lot', [command('sign')]);
    registry.withdraw('shell');
    expect(registry.snapshot().map((item) => item.id)).toEqual(['sign']);
    expect(heard).toBe(4);
    stop();
    registry.withdraw('lot');
    expect(heard).toBe(4);
    expect(registry.snapshot()).toEqual([]);
  });

  test('the list is the same object until it changes, as the store hook needs it', () => {
    const registry = new CommandRegistry();
    registry.offer('shell', [command('today')]);
    expect(registry.snapshot()).toBe(registry.snapshot());
  });
});
