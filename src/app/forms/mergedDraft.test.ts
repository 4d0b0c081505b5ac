import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { mergedDraft } from './mergedDraft';

const USUAL = {
  dial: '',
  atc: 'no',
  tenths: null as number | null,
  meshes: [{ opening: '200', wire: '125' }],
  tags: ['a'],
  columns: { time: '', humidity: '' },
  open: false,
};

describe('a draft over the form as it is now', () => {
  test('what was typed stands, and what the form has got since is at its default', () => {
    const older = Object.fromEntries(Object.entries(USUAL).filter(([key]) => key !== 'columns'));
    expect(mergedDraft(USUAL, { ...older, dial: '17.4', tenths: 8 })).toEqual({
      ...USUAL,
      dial: '17.4',
      tenths: 8,
    });
    const meshes = [{ opening: '400' }, { opening: '200', wire: '90', gone: 1 }];
    expect(mergedDraft(USUAL, { meshes }).meshes).toEqual([
      { opening: '400', wire: '125' },
      { opening: '200', wire: '90' },
    ]);
    expect(mergedDraft(USUAL, { columns: { time: '2' } }).columns).toEqual({
      time: '2',
      humidity: '',
    });
  });

  test('what the form no longer has, or holds otherwise now, is left out', () => {
    const kept = { dial: { is: 'a group now' }, open: 'yes', tags: 'none', gone: 1, meshes: {} };
    expect(mergedDraft(USUAL, kept)).toEqual(USUAL);
    expect(mergedDraft(USUAL, undefined)).toEqual(USUAL);
    expect(mergedDraft(USUAL, [])).toEqual(USUAL);
  });

  test('whatever was kept, the form gets every field, each of its own kind', () => {
    const kindOf = (value: unknown): string => (Array.isArray(value) ? 'list' : typeof value);
    fc.assert(
      fc.property(fc.anything(), fc.anything(), (any, other) => {
        const merged = mergedDraft(USUAL, { dial: any, meshes: other, columns: any, tags: other });
        expect(Object.keys(merged)).toEqual(Object.keys(USUAL));
        expect(Object.values(merged).map(kindOf)).toEqual(Object.values(USUAL).map(kindOf));
        merged.meshes.forEach((mesh) => expect(typeof mesh.wire).toBe('string'));
      }),
    );
  });
});
