import type { Climate } from '../../../core';
import { lotFramesContent } from '../../../model';
import {
  firstRevision,
  freshLotContent,
  type AnyRecord,
  type HarvestContent,
  type LotContent,
  type LotFrame,
  type Scribe,
} from '../../../records';
import type { School } from '../../../core';
import { originOf } from './grouping';

/** What all lots of a day have in common. */
export interface LotBasis {
  readonly harvestId: string;
  readonly harvest: Pick<HarvestContent, 'day' | 'honeyKind' | 'ruleSetId' | 'targetPercent'>;
  readonly school: School;
  /** of moisture, under the rule set of the day [% by mass] */
  readonly limitPercent: number;
  readonly climate: Climate;
  readonly plant: string;
}

function lotContent(
  { harvest, plant, limitPercent }: LotBasis,
  { code, name, frames }: { code: string; name: string; frames: readonly LotFrame[] },
): LotContent {
  const { day, honeyKind, ruleSetId, targetPercent } = harvest;
  return {
    ...freshLotContent(code, day),
    name: name.slice(0, 80),
    origin: originOf(frames),
    plant: plant.slice(0, 80),
    honeyKind,
    ruleSetId,
    targetPercent: Math.min(targetPercent, limitPercent),
  };
}

/** A lot with its make-up, as records. */
export function lotRecords(
  scribe: Scribe,
  basis: LotBasis,
  lot: { code: string; name: string; frames: readonly LotFrame[] },
): AnyRecord[] {
  const first = firstRevision(scribe, 'lot', lotContent(basis, lot));
  const composition = lotFramesContent(lot.frames, basis);
  return [first, firstRevision(scribe, 'lot-frames', composition, first.entityId)];
}
