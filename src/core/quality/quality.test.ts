import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { GUESSED_COLOURS, resolvedGuess } from './combColour';
import { flowerKind, flowerSupport, type FlowerEvidence } from './flowerName';
import { judgeLaboratory, type LabEvidence } from './laboratory';
import { COLOUR_CLASSES, colourClass, pfundFromAbsorbance, possibleClasses } from './pfund';

describe('colour', () => {
  test.each([
    [8, 'water-white'],
    [8.1, 'extra-white'],
    [17, 'extra-white'],
    [34, 'white'],
    [50, 'extra-light-amber'],
    [85, 'light-amber'],
    [114, 'amber'],
    [114.5, 'dark-amber'],
  ])('%f mm is %s (US colour standards, recalled from memory)', (mm, id) => {
    expect(colourClass(mm).id).toBe(id);
  });

  test('mm = −38.70 + 371.39·A at 635 nm; under 0.104 it is 0 (recalled from memory)', () => {
    expect(pfundFromAbsorbance(0.3)).toBeCloseTo(72.717, 3);
    expect(pfundFromAbsorbance(0.104)).toBe(0);
    expect(pfundFromAbsorbance(0.1043)).toBeGreaterThan(0);
    expect(pfundFromAbsorbance(0.6, 2)).toBeCloseTo(pfundFromAbsorbance(0.3), 9);
  });

  test('classes leave no gap and darker is never lighter', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 140, noNaN: true }), (mm) => {
        const here = COLOUR_CLASSES.indexOf(colourClass(mm));
        const darker = COLOUR_CLASSES.indexOf(colourClass(mm + 1));
        expect(darker).toBeGreaterThanOrEqual(here);
        expect(possibleClasses(mm, 5)).toContain(colourClass(mm));
      }),
    );
  });

  test('near an edge two classes are possible', () => {
    expect(possibleClasses(50, 3).map((possibleClass) => possibleClass.id)).toEqual([
      'extra-light-amber',
      'light-amber',
    ]);
    expect(possibleClasses(0, 3).map((possibleClass) => possibleClass.id)).toEqual(['water-white']);
  });

  test('a guess in the comb is right, or the glass is lighter or darker', () => {
    expect(resolvedGuess('light', 'extra-light-amber')).toBe('right');
    expect(resolvedGuess('dark', 'light-amber')).toBe('glass-is-lighter');
    expect(resolvedGuess('very-light', 'amber')).toBe('glass-is-darker');
    for (const guess of GUESSED_COLOURS) {
      const found = COLOUR_CLASSES.map((item) => resolvedGuess(guess, item.id));
      expect(found).toContain('right');
    }
  });

  test('each precondition is refused', () => {
    expect(() => pfundFromAbsorbance(0.3, 0)).toThrow('pathCm');
    expect(() => pfundFromAbsorbance(3)).toThrow('absorbance');
    expect(() => colourClass(-1)).toThrow('pfundMm');
    expect(() => possibleClasses(50, -1)).toThrow('plusMinusMm');
  });
});

const lab = (values: LabEvidence['values']): LabEvidence => ({ values, from: 'lab' });
const value = (of: number, expanded: number | null = null) => ({ value: of, expanded });
const decisions = (given: LabEvidence, claimed: Parameters<typeof judgeLaboratory>[1]) =>
  Object.fromEntries(
    judgeLaboratory(given, claimed).map((labJudgement) => [labJudgement.id, labJudgement.decision]),
  );

describe('laboratory values against composition limits (Codex and EU, recalled from memory)', () => {
  const plain = { category: null, claims: [] } as const;

  test('HMF at most 40, diastase at least 8', () => {
    expect(decisions(lab({ hmfMgPerKg: value(40), diastaseSchade: value(8) }), plain)).toEqual({
      hmf: 'conforms',
      diastase: 'conforms',
    });
    expect(decisions(lab({ hmfMgPerKg: value(41), diastaseSchade: value(7.9) }), plain)).toEqual({
      hmf: 'over',
      diastase: 'over',
    });
  });

  test('a stated uncertainty makes the guard band', () => {
    expect(decisions(lab({ hmfMgPerKg: value(38, 4) }), plain)['hmf']).toBe('not-settled');
    expect(decisions(lab({ hmfMgPerKg: value(34, 4) }), plain)['hmf']).toBe('conforms');
  });

  test('tropical origin: 80; honey poor in enzymes: at least 3 with HMF up to 15', () => {
    const tropical = { category: null, claims: ['tropical-origin'] } as const;
    expect(decisions(lab({ hmfMgPerKg: value(79) }), tropical)['hmf']).toBe('conforms');
    const poor = { category: null, claims: ['low-enzyme'] } as const;
    const found = decisions(lab({ hmfMgPerKg: value(16), diastaseSchade: value(3) }), poor);
    expect(found).toEqual({ hmf: 'over', diastase: 'conforms' });
  });

  test('blossom, honeydew and blends: conductivity 0.8 mS/cm, sugars 60 and 45', () => {
    const given = lab({
      conductivityMsPerCm: value(0.9),
      fructosePercent: value(30, 1),
      glucosePercent: value(22, 1),
    });
    expect(decisions(given, { category: 'blossom', claims: [] })).toMatchObject({
      conductivity: 'over',
      sugars: 'over',
    });
    expect(decisions(given, { category: 'honeydew', claims: [] })).toMatchObject({
      conductivity: 'conforms',
      sugars: 'conforms',
    });
    const blend = decisions(given, { category: 'blend', claims: [] });
    expect(blend['sugars']).toBe('conforms');
    expect(blend['conductivity']).toBeUndefined();
    const excepted = { category: 'blossom', claims: ['conductivity-exempt'] } as const;
    expect(decisions(given, excepted)['conductivity']).toBeUndefined();
  });

  test('half of the sugars says nothing', () => {
    expect(decisions(lab({ fructosePercent: value(38) }), plain)).toEqual({});
  });
});

describe('a flower’s name takes pollen, conductivity and senses together', () => {
  const ling: FlowerEvidence = {
    plant: 'Ling heather',
    pollenPercent: 38,
    conductivityMsPerCm: 0.72,
    colour: 'amber',
    tastesTypical: true,
  };

  test('all three', () => {
    expect(flowerSupport(ling).verdict).toBe('supported');
  });

  test.each([
    [{ pollenPercent: null }, 'pollen', 'not-known', 'open'],
    [{ conductivityMsPerCm: null }, 'conductivity', 'not-known', 'open'],
    [{ tastesTypical: null }, 'senses', 'not-known', 'open'],
    [{ pollenPercent: 3 }, 'pollen', 'against', 'not-supported'],
    [{ conductivityMsPerCm: 0.2 }, 'conductivity', 'against', 'not-supported'],
    [{ colour: 'water-white' as const }, 'senses', 'against', 'not-supported'],
    [{ tastesTypical: false }, 'senses', 'against', 'not-supported'],
  ] as const)('%j', (change, part, support, verdict) => {
    const found = flowerSupport({ ...ling, ...change });
    expect(found[part]).toBe(support);
    expect(found.verdict).toBe(verdict);
  });

  test('where few grains reach the honey any at all will do; an unknown flower needs 45 %', () => {
    const borage = { ...ling, plant: 'borage', conductivityMsPerCm: 0.2, colour: 'white' as const };
    expect(flowerSupport({ ...borage, pollenPercent: 2 }).pollen).toBe('supports');
    expect(flowerSupport({ ...borage, pollenPercent: 0 }).pollen).toBe('against');
    const unknown = { ...ling, plant: 'teasel' };
    expect(flowerKind('teasel')).toBeNull();
    expect(flowerSupport({ ...unknown, pollenPercent: 44 }).pollen).toBe('against');
    expect(flowerSupport({ ...unknown, pollenPercent: 45 }).pollen).toBe('supports');
  });
});
