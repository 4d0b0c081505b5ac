import type { ReactElement } from 'react';
import {
  meteredReading,
  readingEvidence,
  wouldBePercent,
  type Meter,
  type Workshop,
} from '../../../../../model';
import { formatMoment } from '../../../../format/dates';
import { formatPercent } from '../../../../format/moisture';
import { PageLink } from '../../../../ui/page/PageLink';
import { PlainTable } from '../../../../ui/PlainTable';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { readingsOfMeter } from '../../../../words/meterState';

/** Readings since the last good check before a jump, with what each would be; none is changed. */
export function DoubtedReadings({
  meter,
  workshop,
}: {
  meter: Meter;
  workshop: Workshop;
}): ReactElement | null {
  const { meters, files } = workshop;
  const rows = readingsOfMeter(files, meter.instrument.entityId).flatMap((reading) => {
    const would = wouldBePercent(meteredReading(reading.content, meters));
    const was = readingEvidence(reading, meters)?.moisturePercent;
    if (would === null || was === undefined) return [];
    const lot = files.find((one) => one.lot.entityId === reading.ownerId)?.lot;
    return [
      [
        formatMoment(reading.content.takenAt),
        <PageLink key={reading.entityId} to={`bench/${reading.ownerId}`} tone="quiet">
          {lot ? lot.content.name || lot.content.code : 'a lot'}
        </PageLink>,
        `${formatPercent(was)} %`,
        `${formatPercent(would)} %`,
      ],
    ];
  });
  if (rows.length === 0) return null;
  return (
    <SheetSection id="doubted" title={`Readings in doubt (${rows.length})`}>
      <p className="mb-2 text-base">
        Taken between a good check and one that differs by more than drift explains. They stay as
        they were; beside each is what it would be with the later check.
      </p>
      <PlainTable
        label="Readings in doubt"
        head={['Taken', 'Lot', 'As it counts', 'Would be']}
        rows={rows}
      />
    </SheetSection>
  );
}
