import type { ShakeResult } from '../capping/expectation';
import { EYE, judgedCapping } from '../capping/cappedShare';
import { requireInRange } from '../errors';
import { decideFrames, NO_CONTEXT } from '../schools/decide';
import type { FrameEvidence, SideEvidence } from '../schools/frameEvidence';
import { PLAIN_FRAME } from '../schools/plainFrame';
import { SCHOOLS } from '../schools/school';

/**
 * Which schools would take a frame whose sides are both capped to a share, with nothing else about it.
 *
 * @param share - [1], 0..1
 * @param shake - what fell when the frame, warm, was shaken
 * @returns names of the schools
 * @throws DomainError `out-of-range`
 * @source the schools' own rules
 */
export function takenBySchools(share: number, shake: ShakeResult = 'not-done'): string[] {
  requireInRange(share, [0, 1], { fn: 'takenBySchools', param: 'share', unit: '1' });
  const side: SideEvidence = {
    shares: { capped: share, open: 1 - share, empty: 0, undrawn: 0, brood: 0 },
    capped: judgedCapping(share, EYE),
    shake,
  };
  const frame: FrameEvidence = { ...PLAIN_FRAME, id: 'drawn', sides: [side, side] };
  return SCHOOLS.filter((school) => {
    const [decision] = decideFrames([frame], school, NO_CONTEXT);
    return decision?.act === 'take' || decision?.act === 'take-to-dry';
  }).map((school) => school.name);
}
