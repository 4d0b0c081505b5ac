import { EYE, cappedShareOf, judgedCapping } from '../capping/cappedShare';
import { quickShares } from '../capping/cellShares';
import type { ShakeResult } from '../capping/expectation';
import { PLAIN_FRAME } from '../schools/plainFrame';
import type { FrameEvidence, SideEvidence } from '../schools/frameEvidence';

/** A side full of honey, capped to so many tenths. */
export function honeySide(
  cappedTenths: number,
  shake: ShakeResult = 'not-done',
  honeyTenths = 10,
): SideEvidence {
  const shares = quickShares({ honeyTenths, cappedTenths, undrawnTenths: 0, broodTenths: 0 });
  const share = cappedShareOf(shares);
  return { shares, capped: share === null ? null : judgedCapping(share, EYE), shake };
}

let count = 0;

/** A frame of 1.8 kg with two such sides and nothing else about it. */
export function honeyFrame(
  tenths: readonly [number, number],
  change: Partial<FrameEvidence> & { shake?: ShakeResult } = {},
): FrameEvidence {
  const { shake = 'not-done', ...rest } = change;
  count += 1;
  return {
    id: `frame-${count}`,
    ...PLAIN_FRAME,
    sides: tenths.map((tenth) => honeySide(tenth, shake)),
    ...rest,
  };
}
