import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { cloggedFlowKgPerMin, minutesToPass, passedKg, type Clogging } from './clogging';
import { cleanFlowKgPerH, usualWireUm, type Mesh } from './mesh';
import { viscosityPaS } from './viscosity';

describe('viscosity', () => {
  /** Poise at 25 °C by moisture and at 16.1 % by temperature; recalled from memory of Crane (1975). */
  test.each([
    [25, 13.7, 420],
    [25, 15.5, 138],
    [25, 18.2, 48.1],
    [25, 20.2, 20.4],
    [13.7, 16.1, 600],
    [29, 16.1, 68.4],
    [48.1, 16.1, 10.7],
  ])('Munro and White (recalled from memory): %d °C, %d %% has %d poise', (c, percent, poise) => {
    expect(Math.abs((10 * viscosityPaS(c, percent)) / poise - 1)).toBeLessThan(0.1);
  });

  /** Rows of the same tables that the relation was not fitted to, recalled from memory of Munro (1943). */
  test.each([
    [20.6, 16.1, 189.6],
    [39.4, 16.1, 21.4],
  ])('Munro (recalled from memory, not fitted): %d °C, %d %% has %d poise', (c, percent, poise) => {
    expect(Math.abs((10 * viscosityPaS(c, percent)) / poise - 1)).toBeLessThan(0.2);
  });

  test('warmer or wetter honey is always thinner', () => {
    const honey = fc.tuple(
      fc.double({ min: 0, max: 69, noNaN: true }),
      fc.double({ min: 13, max: 24, noNaN: true }),
    );
    fc.assert(
      fc.property(honey, ([c, percent]) => {
        expect(viscosityPaS(c + 1, percent)).toBeLessThan(viscosityPaS(c, percent));
        expect(viscosityPaS(c, percent + 1)).toBeLessThan(viscosityPaS(c, percent));
      }),
    );
  });

  test('what is no honey is refused', () => {
    expect(() => viscosityPaS(90, 17)).toThrow(DomainError);
    expect(() => viscosityPaS(20, 30)).toThrow(DomainError);
  });
});

const FINE: Mesh = { openingUm: 200, wireUm: 125, areaDm2: 1 };
const HONEY = { headCm: 10, temperatureC: 25, moisturePercent: 17 };

describe('a clean mesh', () => {
  test.each([
    [25, 20],
    [35, 57],
  ])('handbook row: 200 µm, 10 cm, 17 %%, at %d °C about %d kg/h per dm²', (c, kgPerH) => {
    const flow = cleanFlowKgPerH(FINE, { ...HONEY, temperatureC: c });
    expect(Math.abs(flow / kgPerH - 1)).toBeLessThan(0.05);
  });

  test('twice the area or head is twice the flow', () => {
    const flow = cleanFlowKgPerH(FINE, HONEY);
    expect(cleanFlowKgPerH({ ...FINE, areaDm2: 2 }, HONEY)).toBeCloseTo(2 * flow, 9);
    expect(cleanFlowKgPerH(FINE, { ...HONEY, headCm: 20 })).toBeCloseTo(2 * flow, 9);
  });

  test('the usual wire grows with the opening and is that of common meshes', () => {
    expect([200, 300, 600].map(usualWireUm)).toEqual([125, 172.5, 300]);
    expect(usualWireUm(25)).toBeLessThan(usualWireUm(60));
    expect(usualWireUm(5000)).toBeGreaterThan(900);
  });

  test('what is no mesh is refused', () => {
    expect(() => cleanFlowKgPerH({ ...FINE, openingUm: 5 }, HONEY)).toThrow(DomainError);
    expect(() => cleanFlowKgPerH({ ...FINE, areaDm2: 0 }, HONEY)).toThrow(DomainError);
    expect(() => cleanFlowKgPerH(FINE, { ...HONEY, headCm: NaN })).toThrow(DomainError);
  });
});

const INTERMEDIATE: Clogging = { law: 'intermediate', cleanKgPerMin: 1, perKg: 0.02 };
const CAKE: Clogging = { ...INTERMEDIATE, law: 'cake' };

describe('a mesh that clogs', () => {
  test('Hermia (recalled from memory): Q0 1 kg/min, K 0.02/kg, 60 min → 39.4 and 42.2 kg', () => {
    expect(passedKg(INTERMEDIATE, 60)).toBeCloseTo(39.4, 1);
    expect(passedKg(CAKE, 60)).toBeCloseTo(42.2, 1);
  });

  test('the closed forms solve dV/dt = Q(V), stepped by hand', () => {
    for (const law of [INTERMEDIATE, CAKE]) {
      let kg = 0;
      for (let step = 0; step < 60_000; step += 1) kg += cloggedFlowKgPerMin(law, kg) / 1000;
      expect(kg).toBeCloseTo(passedKg(law, 60), 2);
    }
  });

  test('time and mass are each other’s inverse; without clogging it is the clean flow', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 200, noNaN: true }), (kg) => {
        for (const law of [INTERMEDIATE, CAKE]) {
          expect(passedKg(law, minutesToPass(law, kg))).toBeCloseTo(kg, 6);
        }
      }),
    );
    expect(passedKg({ ...CAKE, perKg: 0 }, 30)).toBe(30);
    expect(minutesToPass({ ...CAKE, perKg: 0 }, 30)).toBe(30);
  });

  test('negative times and masses are refused', () => {
    expect(() => passedKg(CAKE, -1)).toThrow(DomainError);
    expect(() => minutesToPass(CAKE, NaN)).toThrow(DomainError);
    expect(() => cloggedFlowKgPerMin(CAKE, -1)).toThrow(DomainError);
  });
});
