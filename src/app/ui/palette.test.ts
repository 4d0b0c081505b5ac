import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';

const styles = readFileSync('src/app/styles.css', 'utf8');

function colour(name: string): [number, number, number] {
  const hex = new RegExp(`--color-${name}: #([0-9a-f]{6})`).exec(styles)?.[1];
  if (!hex) throw new Error(`no colour ${name}`);
  const part = (at: number): number => parseInt(hex.slice(at, at + 2), 16) / 255;
  return [part(0), part(2), part(4)];
}

/** Relative luminance. @source WCAG 2.2, definition of relative luminance, recalled from memory */
function luminance(name: string): number {
  const linear = (value: number): number =>
    value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  const [red, green, blue] = colour(name);
  return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
}

function contrast(a: string, b: string): number {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
}

describe('colours, readable in the sun', () => {
  test.each([
    ['ink', 'linen'],
    ['ink', 'paper'],
    ['linen', 'ink'],
    ['ink', 'lavender-pale'],
    ['ink', 'lavender-mid'],
  ])('figures in %s on %s reach 7 to 1', (text, ground) => {
    expect(contrast(text, ground)).toBeGreaterThanOrEqual(7);
  });

  test.each([
    ['ink-soft', 'linen'],
    ['ink-soft', 'paper'],
    ['lavender', 'linen'],
    ['white', 'lavender'],
  ])('words in %s on %s reach 4.5 to 1', (text, ground) => {
    expect(contrast(text, ground)).toBeGreaterThanOrEqual(4.5);
  });

  test('edges that carry meaning reach 3 to 1', () => {
    expect(contrast('lavender', 'lavender-pale')).toBeGreaterThanOrEqual(3);
    expect(contrast('lavender-mid', 'ink')).toBeGreaterThanOrEqual(3);
  });
});
