import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { runInNewContext } from 'node:vm';
import { describe, expect, test } from '@jest/globals';

const root = path.join(process.cwd(), 'src/core');
const EXAMPLE = /@example (\w+)\((.*)\) \/\/ => (-?[\d.e-]+)(?: ± ([\d.e-]+))?/g;

interface Example {
  readonly file: string;
  readonly name: string;
  readonly args: string;
  readonly expected: number;
  readonly tolerance: number;
}

function examplesIn(file: string): Example[] {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(EXAMPLE)].map(([, name = '', args = '', value, tolerance]) => ({
    file,
    name,
    args,
    expected: Number(value),
    tolerance: Number(tolerance ?? 0),
  }));
}

const examples = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
  .flatMap((name) => examplesIn(path.join(root, name)));

describe('examples in the docblocks of the core', () => {
  test('there are examples to run', () => {
    expect(examples.length).toBeGreaterThan(15);
  });

  test.each(examples)('$name($args)', async ({ file, name, args, expected, tolerance }) => {
    const module = (await import(file)) as Record<string, (...args: unknown[]) => number>;
    const parameters = runInNewContext(`[${args}]`) as unknown[];
    const result = module[name]?.(...parameters);
    expect(Math.abs((result ?? NaN) - expected)).toBeLessThanOrEqual(tolerance);
  });
});
