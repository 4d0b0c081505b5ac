import fc from 'fast-check';
import { SHAKE_RESULTS } from '../capping/expectation';
import { RULE_SETS } from '../limits/ruleSets';
import {
  BROODS,
  NECTARS,
  RESIDUES,
  SET_STATES,
  SOURCE_HEALTHS,
  TAINTS,
  type Circumstances,
} from '../ruling/circumstances';
import type { LotEvidence } from '../ruling/evidence';
import { lotEvidence, readingsOf } from './lotEvidence';

/** Mostly nothing, sometimes each of the others. */
const seldom = <T>(usual: T, others: readonly T[]): fc.Arbitrary<T> =>
  fc.oneof(
    { weight: 6, arbitrary: fc.constant(usual) },
    { weight: 1, arbitrary: fc.constantFrom(...others) },
  );

const circumstances: fc.Arbitrary<Circumstances> = fc.record({
  nectar: seldom('not-said' as const, NECTARS),
  sourceHealth: seldom('healthy' as const, SOURCE_HEALTHS),
  residues: seldom(
    [],
    RESIDUES.map((residue) => [residue]),
  ),
  treated: seldom(null, [
    { product: 'strips', freeFromDay: 20_600 },
    { product: 'strips', freeFromDay: 20_500 },
  ]),
  brood: seldom('none' as const, BROODS),
  wetEquipment: seldom(false, [true]),
  taint: seldom('none' as const, TAINTS),
  lastFlowInBoxes: fc.boolean(),
  setState: seldom('liquid' as const, SET_STATES),
});

const band = (likely: number) => ({ low: likely / 1.6, likely, high: likely * 1.6 });

/** Any evidence that a lot may have. */
export const anyEvidence: fc.Arbitrary<LotEvidence> = fc
  .record({
    set: fc.constantFrom(...RULE_SETS),
    honeyKind: fc.constantFrom('ordinary' as const, 'heather' as const),
    values: fc.array(fc.double({ min: 14.5, max: 24, noNaN: true }), { maxLength: 6 }),
    cappedTenths: fc.option(fc.integer({ min: 0, max: 10 })),
    shake: fc.constantFrom(...SHAKE_RESULTS),
    targetPercent: fc.double({ min: 16, max: 20, noNaN: true }),
    checked: fc.boolean(),
    circumstances: fc.option(circumstances, { nil: undefined }),
    spent: fc.option(fc.double({ min: 0, max: 3, noNaN: true }), { nil: undefined }),
    mesh: fc.option(fc.constantFrom(50, 200, 600), { nil: undefined }),
    drier: fc.option(fc.double({ min: 15, max: 18, noNaN: true }), { nil: undefined }),
    signs: seldom([], [['gas' as const]]),
  })
  .map(({ set, values, cappedTenths, shake, checked, spent, mesh, drier, ...rest }) => {
    const { circumstances: said, ...others } = rest;
    return lotEvidence({
      ...others,
      ...(said && { circumstances: said }),
      ...(spent !== undefined && { heat: { spentShare: band(spent), hmf: band(40 * spent) } }),
      ...(mesh !== undefined && { finestMeshUm: mesh }),
      ...(drier !== undefined && { drierStock: { massKg: 40, moisturePercent: drier } }),
      takenDay: 20_550,
      ruleSet: set,
      comb: cappedTenths === null ? null : { cappedShare: cappedTenths / 10, shake },
      readings: readingsOf(values).map((reading) => ({
        ...reading,
        zeroCheck: checked ? ('checked' as const) : ('unchecked' as const),
        budget: { ...reading.budget, calibration: checked ? 0.1 : 0.3 },
      })),
    });
  });
