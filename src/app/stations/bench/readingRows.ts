import {
  meteredReading,
  readingEvidence,
  vesselsOf,
  type LotFile,
  type Ledger,
} from '../../../model';
import { vesselIdOf } from '../../../records';
import { formatDial } from '../../format/moisture';
import { SPOT_NAMES } from '../../words/reading';
import { benchWords } from '../../words/english/bench';
import { commonWords } from '../../words/english/common';

/** A reading as it stands in the table of all. */
export interface ReadingLine {
  readonly id: string;
  readonly lotId: string;
  readonly takenAt: string;
  readonly lot: string;
  readonly vessel: string;
  readonly spot: string;
  readonly dial: string;
  /** corrected [%]; null for practice */
  readonly percent: number | null;
  readonly meter: string;
  readonly reader: string;
  readonly doubt: boolean;
}

function linesOf(file: LotFile, { meters }: Ledger): ReadingLine[] {
  const labels = new Map(vesselsOf(file.containers).map((vessel) => [vessel.id, vessel.label]));
  const { content: lot } = file.lot;
  return file.readings.map((reading) => {
    const { content, entityId } = reading;
    const vessel = vesselIdOf(content);
    return {
      id: entityId,
      lotId: file.lot.entityId,
      takenAt: content.takenAt,
      lot: lot.name || lot.code,
      vessel:
        vessel === null
          ? benchWords.wholeLot()
          : (labels.get(vessel) ?? commonWords.removedInside()),
      spot: SPOT_NAMES[content.spot],
      dial: formatDial(content.scale, content.dialValue),
      percent: readingEvidence(reading, meters)?.moisturePercent ?? null,
      meter:
        meters.get(content.instrumentId ?? '')?.instrument.content.name ?? benchWords.another(),
      reader: content.reader,
      doubt: meteredReading(content, meters).doubtedBy !== null,
    };
  });
}

/** All readings of all lots, latest first. */
export function readingLines(ledger: Ledger): ReadingLine[] {
  return ledger.files
    .flatMap((file) => linesOf(file, ledger))
    .sort((a, b) => b.takenAt.localeCompare(a.takenAt));
}
