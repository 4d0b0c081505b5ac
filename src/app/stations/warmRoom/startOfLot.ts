import { ruleOnLot } from '../../../core';
import { contentsOf, evidenceFrom, knownFor, type Ledger, type LotFile } from '../../../model';

/** Open cells are wetter than capped ones by so much [%]. @source common practice, no source */
const OPEN_WETTER_PERCENT = 2;

/** Open share assumed where nobody looked at the comb [1]. @source common practice, no source */
const USUAL_OPEN_SHARE = 0.33;

/** What a lot says of a batch made of it. */
export interface LotStart {
  readonly name: string;
  readonly openShare: number;
  readonly openPercent: number;
  readonly cappedPercent: number;
  readonly plusMinusPercent: number;
  /** where the frames of the lot are known: boxes they fill, and honey in each [kg] */
  readonly boxes?: number;
  readonly honeyKgPerBox?: number;
}

/** Frames of which nobody noted the box, as many as a usual box holds. */
const FRAMES_IN_A_BOX = 10;

/** Boxes that the frames of a lot fill, with their honey; empty where no frames are recorded. */
function boxesOf({ frames }: LotFile): Pick<LotStart, 'boxes' | 'honeyKgPerBox'> {
  if (!frames) return {};
  const { frames: taken } = frames.content;
  const named = new Set(
    taken.filter(({ box }) => box !== '').map(({ yard, hive, box }) => `${yard}|${hive}|${box}`),
  );
  const loose = taken.filter(({ box }) => box === '').reduce((sum, { count }) => sum + count, 0);
  const boxes = named.size + Math.ceil(loose / FRAMES_IN_A_BOX);
  const honeyKg = taken.reduce((sum, frame) => sum + frame.honeyKg, 0);
  return honeyKg > 0 ? { boxes, honeyKgPerBox: honeyKg / boxes } : { boxes };
}

const within = (percent: number): number => Math.min(30, Math.max(12, percent));

/** Start of a batch from what comb and readings say of its lot; null for a lot that is not there. */
export function startOfLot(ledger: Ledger, lotId: string): LotStart | null {
  const file = ledger.files.find((lotFile) => lotFile.lot.entityId === lotId);
  if (!file) return null;
  const contents = contentsOf(file);
  const evidence = evidenceFrom(contents, knownFor(ledger, { lotId, contents }));
  const { belief } = ruleOnLot(evidence);
  const openShare = evidence.comb ? 1 - evidence.comb.cappedShare : USUAL_OPEN_SHARE;
  return {
    name: file.lot.content.name || file.lot.content.code,
    openShare,
    openPercent: within(belief.mean + (1 - openShare) * OPEN_WETTER_PERCENT),
    cappedPercent: within(belief.mean - openShare * OPEN_WETTER_PERCENT),
    plusMinusPercent: Math.min(6, Math.max(0.1, belief.expanded)),
    ...boxesOf(file),
  };
}
