import type { ReadingMark } from '../moisture/interpretReading';
import type { LotReading } from '../moisture/vesselGroups';
import type { ZeroCheck } from '../moisture/readingBudget';

/** A corrected reading, as the rules see it. */
export interface ReadingEvidence extends LotReading {
  readonly marks: readonly ReadingMark[];
  readonly zeroCheck: ZeroCheck;
  /** what it would be with the offset that a later check found to have jumped; else not there */
  readonly wouldBePercent?: number;
  /** when it was taken, in days from 1970-01-01; of now where not there */
  readonly takenDay?: number;
}
