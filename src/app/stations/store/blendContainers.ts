import {
  blocksOf,
  commonStandard,
  ferments,
  isMeasured,
  normalEquivalent,
  vesselMoistures,
  type BlendContainer,
  type LotEvidence,
} from '../../../core';
import { classOf, type LotFile, type StoredVessel } from '../../../model';
import type { StoredLot } from '../../../model';
import { blendWords } from '../../words/english/blend';
import { tell } from '../../words/tell';
import { lowerFirst } from '../../words/phrasing';

/** What containers of one lot differ by where only some were read [% moisture]. @source our choice, no source */
const UNREAD_PERCENT = 0.3;

/** Containers with honey in them, for a blend, with what their readings share. */
export interface BlendStore {
  readonly containers: readonly BlendContainer[];
  /** standard uncertainty that all readings share [%]: the largest of the lots */
  readonly systematicPercent: number;
}

/** Why nothing of a lot may be blended; null where it may. */
export function barredBecause(evidence: LotEvidence, hasFigure: boolean): string | null {
  const [block] = blocksOf(evidence);
  if (block !== undefined) return lowerFirst(tell(block));
  if (ferments(evidence)) return blendWords.itFerments();
  if (evidence.circumstances?.residues.includes('syrup')) return blendWords.itMayContainSyrup();
  if (evidence.circumstances?.brood === 'larvae') return blendWords.larvaeWereSpunIntoIt();
  if ((evidence.unasked ?? []).length > 0) return blendWords.itIsNotKnownWhether();
  return hasFigure ? null : blendWords.itHasNotBeenMeasured();
}

function colourOf({ colours }: LotFile): string {
  const latest = [...colours].sort((a, b) => b.content.takenAt.localeCompare(a.content.takenAt))[0];
  return latest ? classOf(latest.content) : '';
}

function lotContainers(lot: StoredLot): BlendStore {
  const { evidence, ruling, file } = lot;
  const { measured } = ruling.belief;
  // Blends know only normals: wide enough for what few degrees of freedom and many looks ask.
  const widen = normalEquivalent(ruling.belief) / ruling.belief.standardUncertainty;
  const systematicPercent = widen * (measured ? commonStandard(measured) : 0);
  const barred = barredBecause(evidence, isMeasured(ruling.belief));
  const byVessel = new Map(
    vesselMoistures(evidence, ruling.belief).map((vesselMoisture) => [
      vesselMoisture.vesselId,
      vesselMoisture,
    ]),
  );
  const own = (standard: number): number =>
    Math.sqrt(Math.max(0.0001, (widen * standard) ** 2 - systematicPercent ** 2));
  const { plant, code } = file.lot.content;
  const asContainer = (vessel: StoredVessel): BlendContainer => {
    const read = byVessel.get(vessel.id);
    return {
      id: vessel.id,
      massKg: vessel.leftKg ?? 0,
      meanPercent: read?.meanPercent ?? ruling.belief.mean,
      randomPercent: read
        ? own(read.uncertainty.standard)
        : (measured?.unread.own ?? UNREAD_PERCENT),
      // What stands for an unread vessel is the lot's mean: its doubt is the same for all of them.
      ...(!read && {
        shared: {
          id: lot.file.lot.entityId,
          percent: measured?.unread.shared ?? own(ruling.belief.standardUncertainty),
        },
      }),
      flow: plant.trim().toLowerCase() || code,
      colour: colourOf(file),
      barredBecause: barred,
    };
  };
  const full = lot.vessels.filter((vessel) => !vessel.isEmpty && (vessel.leftKg ?? 0) > 0);
  return { containers: full.map(asContainer), systematicPercent };
}

/** Containers of some lots for a blend. */
export function blendStore(lots: readonly StoredLot[]): BlendStore {
  const stores = lots.map(lotContainers);
  return {
    containers: stores.flatMap((store) => store.containers),
    systematicPercent: Math.max(0, ...stores.map((store) => store.systematicPercent)),
  };
}
