import type { ReactElement } from 'react';
import {
  meteredReading,
  readingEvidence,
  wouldBePercent,
  type Meter,
  type Ledger,
} from '../../../../../model';
import { formatMoment } from '../../../../format/dates';
import { formatPercent } from '../../../../format/moisture';
import { PageLink } from '../../../../ui/page/PageLink';
import { PlainTable } from '../../../../ui/PlainTable';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { readingsOfMeter } from '../../../../words/meterState';
import { commonWords } from '../../../../words/english/common';
import { meterWords } from '../../../../words/english/meter';

/** Readings since the last good check before a jump, with what each would be; none is changed. */
export function DoubtedReadings({
  meter,
  ledger,
}: {
  meter: Meter;
  ledger: Ledger;
}): ReactElement | null {
  const { meters, files } = ledger;
  const rows = readingsOfMeter(files, meter.instrument.entityId).flatMap((reading) => {
    const would = wouldBePercent(meteredReading(reading.content, meters));
    const was = readingEvidence(reading, meters)?.moisturePercent;
    if (would === null || was === undefined) return [];
    const lot = files.find((file) => file.lot.entityId === reading.ownerId)?.lot;
    return [
      [
        formatMoment(reading.content.takenAt),
        <PageLink key={reading.entityId} to={`bench/${reading.ownerId}`} tone="quiet">
          {lot ? lot.content.name || lot.content.code : meterWords.aLot()}
        </PageLink>,
        `${formatPercent(was)} %`,
        `${formatPercent(would)} %`,
      ],
    ];
  });
  if (rows.length === 0) return null;
  return (
    <SheetSection id="doubted" title={meterWords.readingsInDoubt({ rows: rows.length })}>
      <p className="mb-2 text-base">{meterWords.takenBetweenAGoodCheck()}</p>
      <PlainTable
        label={meterWords.readingsInDoubt2()}
        head={[
          commonWords.taken(),
          commonWords.lotHeading(),
          meterWords.asItCounts(),
          meterWords.wouldBe(),
        ]}
        rows={rows}
      />
    </SheetSection>
  );
}
