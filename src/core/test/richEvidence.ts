import fc from 'fast-check';
import { say } from '../message/message';
import { LAB_QUANTITIES, type LabEvidence, type LabQuantity } from '../quality/laboratory';
import { FAULTS, FOAMS, IMPURITIES } from '../quality/senses';
import type { LotEvidence, VesselEvidence } from '../ruling/evidence';
import { anyEvidence } from './anyEvidence';
import { bucketsOf } from './lotEvidence';

/** A value near what honey has, often near its limit. */
const LAB_AROUND: Readonly<Record<LabQuantity, readonly number[]>> = {
  karlFischerPercent: [16.9, 19.9, 21.5],
  refractometerPercent: [17.1, 20.1, 22],
  yeastPerG: [3, 400, 20_000],
  hmfMgPerKg: [4, 38, 41, 90],
  diastaseSchade: [2, 7.5, 20],
  fructosePercent: [28, 38],
  glucosePercent: [22, 31, 38],
  sucrosePercent: [1, 5.2, 14],
  conductivityMsPerCm: [0.2, 0.79, 1.1],
  insolublePercent: [0.02, 0.12],
};

const laboratory: fc.Arbitrary<LabEvidence> = fc
  .uniqueArray(fc.constantFrom(...LAB_QUANTITIES), { minLength: 1, maxLength: 3 })
  .chain((quantities) =>
    fc
      .record({
        picks: fc.array(fc.nat(3), { minLength: 3, maxLength: 3 }),
        expanded: fc.constantFrom(null, 0.4),
        waterIsEarlier: fc.boolean(),
      })
      .map(({ picks, expanded, waterIsEarlier }) => ({
        values: Object.fromEntries(
          quantities.map((quantity, at) => {
            const around = LAB_AROUND[quantity];
            return [quantity, { value: around[(picks[at] ?? 0) % around.length]!, expanded }];
          }),
        ),
        from: '2026-08-20',
        waterIsEarlier,
      })),
  );

const vessels: fc.Arbitrary<readonly VesselEvidence[]> = fc
  .record({
    count: fc.constantFrom(1, 2, 3, 5),
    suspect: fc.boolean(),
    massKg: fc.constantFrom(20, null),
  })
  .map(({ count, suspect, massKg }) =>
    bucketsOf(count, massKg).map((vessel, at) =>
      suspect && at === count - 1
        ? { ...vessel, suspectBecause: say('rules.lastOfTheExtractor') }
        : vessel,
    ),
  );

const maybe = <T>(of: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> =>
  fc.option(of, { nil: undefined, freq: 2 });

/** Evidence with several vessels, laboratory, senses, hives and claims besides what any lot may have. */
export const richEvidence: fc.Arbitrary<LotEvidence> = fc
  .record({
    plain: anyEvidence,
    vessels,
    laboratory: maybe(laboratory),
    senses: maybe(
      fc.record({
        faults: fc.subarray([...FAULTS], { maxLength: 2 }),
        foam: fc.constantFrom(...FOAMS),
        impurities: fc.subarray([...IMPURITIES], { maxLength: 1 }),
      }),
    ),
    suspectHives: maybe(fc.constantFrom(['Hive 4'], ['Hive 4', 'Hive 7'])),
    storageTemperatureC: fc.constantFrom(null, 9, 19),
    setAside: maybe(fc.constantFrom(1, 3)),
    rivals: maybe(fc.constant(2)),
    unreadable: maybe(fc.constant(1)),
    blended: maybe(fc.constant({ mean: 17.6, standardUncertainty: 0.3 })),
    drying: maybe(
      fc.constant({ days: 3.5, course: { fromPercent: 20.1, toPercent: 18.2 }, rewetted: true }),
    ),
  })
  .map(({ plain, vessels: own, blended, ...more }) => {
    const said = Object.fromEntries(
      Object.entries(more).filter(([, value]) => value !== undefined),
    );
    const readings = plain.readings.map((reading, at) => ({
      ...reading,
      vesselId: own[at % own.length]!.id,
    }));
    const isBlend = blended !== undefined && readings.length === 0;
    return { ...plain, ...said, vessels: own, readings, ...(isBlend && { blended }) };
  });
