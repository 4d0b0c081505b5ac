import type { Ruling } from '../engine';
import type { CombEvidence, LotEvidence } from '../evidence';
import { tried, type Flip } from './flip';
import { say } from '../../message/message';

/** The comb judged as a whole: shares by state follow from share and shake, so that these can change. */
function asWhole(comb: CombEvidence): CombEvidence {
  const { cappedShare, shake, expectation, school, cleared } = comb;
  return {
    cappedShare,
    shake,
    ...(expectation && { expectation }),
    ...(school && { school }),
    ...(cleared && { cleared }),
  };
}

/** Another look at the comb. */
export function byComb(evidence: LotEvidence, ruling: Ruling): Flip[] {
  if (!evidence.comb) return [];
  const comb = asWhole(evidence.comb);
  const shakes = (['nothing-fell', 'drops'] as const).filter((value) => value !== comb.shake);
  const byShake = shakes.flatMap((shake) => {
    const words =
      shake === 'drops' ? say('flips.aShakeTestInWhich') : say('flips.aShakeTestInWhichNothing');
    const id = `shake-${shake}`;
    return tried(id, words, { ...evidence, comb: { ...comb, shake } }, ruling);
  });
  const tenths = Math.round(comb.cappedShare * 10);
  const others = Array.from({ length: 11 }, (_, at) => at).sort(
    (a, b) => Math.abs(a - tenths) - Math.abs(b - tenths),
  );
  const byShare = others.flatMap((other) => {
    const words = say('flips.tenthsCappedInsteadOf', { tenths: other, before: tenths });
    const changed = { ...evidence, comb: { ...comb, cappedShare: other / 10 } };
    return tried('capped-share', words, changed, ruling);
  });
  return [...(comb.shake === 'not-done' ? byShake : byShake.slice(0, 1)), ...byShare.slice(0, 1)];
}
