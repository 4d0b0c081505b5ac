import type { ReactElement } from 'react';
import {
  meteredReading,
  vesselsOf,
  vesselIdOf,
  type LotFile,
  type Meters,
  type Reading,
} from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMeters } from '../../../data/useMeters';
import { SHAKE_CHOICES } from '../../../forms/combForm';
import { formatMoment } from '../../../format/dates';
import { colourWords } from '../../../format/colour';
import { formatDial } from '../../../format/moisture';
import { offsetTaken } from '../../../format/reading';
import { makeUpWords } from '../../../format/makeUp';
import { formatQuantity } from '../../../format/units';
import { SIGN_CHOICES } from '../parts/LotFields';
import { massOf, massWords } from '../parts/ContainersSection';
import type { Answer } from '../../../lot/useLot';
import { PlainTable } from '../../../ui/PlainTable';
import { DossierPart } from './DossierPart';

interface DossierEvidenceProps {
  file: LotFile;
  answer: Answer;
}

function useReadingRow(file: LotFile): (reading: Reading) => string[] {
  const preferences = useAppSelector(selectPreferences);
  const vessels = vesselsOf(file.containers);
  const meters = useMeters();
  return ({ content, author }) => {
    const { read } = meteredReading(content, meters);
    const id = vesselIdOf(content);
    const temperature =
      content.temperatureC === null
        ? 'not noted'
        : formatQuantity(content.temperatureC, 'temperature', preferences);
    return [
      id === null ? 'lot, stirred' : (vessels.find((one) => one.id === id)?.label ?? 'removed'),
      formatDial(content.scale, content.dialValue),
      `${temperature}${content.atc ? ', ATC' : ''}`,
      read.status === 'read' ? read.nD20.toFixed(5) : '—',
      read.status === 'read' ? `${read.moisturePercent.toFixed(2)} %` : '—',
      `${formatMoment(content.takenAt)}${author === '' ? '' : ` ${author}`}`,
    ];
  };
}

/** Each meter that was used, with its zero and what was taken off for it; told once. */
function metersUsed(file: LotFile, meters: Meters): string {
  const told = file.readings.map(({ content }) => {
    const { dial, condition } = meteredReading(content, meters);
    const name = meters.get(content.instrumentId ?? '')?.instrument.content.name;
    const offset = offsetTaken(dial);
    const zero = condition.zeroCheck === 'checked' ? 'zero checked' : 'zero not checked';
    const taken = Math.abs(offset) < 0.005 ? '' : `, ${offset.toFixed(2)} points taken off for it`;
    return `${name ?? 'a meter not named'}, ${zero}${taken}`;
  });
  return [...new Set(told)].join('; ');
}

/** Readings, comb, containers and what was seen. */
export function DossierEvidence({ file, answer }: DossierEvidenceProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const row = useReadingRow(file);
  const meters = useMeters();
  const { comb, lot } = file;
  const total = massOf(file.containers, answer.ruling.belief);
  const shake = SHAKE_CHOICES.find((one) => one.value === comb?.content.shake)?.label.toLowerCase();
  const signs = SIGN_CHOICES.filter((one) => lot.content.signs.some((sign) => sign === one.value));
  return (
    <DossierPart title="Evidence">
      {file.readings.length === 0 ? (
        <p>No reading was taken.</p>
      ) : (
        <PlainTable
          label="Readings"
          head={['From', 'Dial', 'Prism', 'nD at 20 °C', 'Moisture', 'Read']}
          rows={file.readings.map(row)}
        />
      )}
      {file.readings.length > 0 && <p className="mt-2">Meter: {metersUsed(file, meters)}.</p>}
      <p>
        Comb:{' '}
        {file.frames
          ? makeUpWords(file.frames.content, preferences)
          : comb
            ? `${comb.content.cappedTenths} tenths capped, shake test: ${shake ?? ''}.`
            : 'not judged.'}
      </p>
      <p>
        Containers:{' '}
        {file.containers.length === 0
          ? 'none named.'
          : `${file.containers.map(({ content }) => `${content.count} × ${content.label}`).join(', ')}${total ? `, together ${massWords(total, preferences)}` : ''}.`}
      </p>
      {file.plan && (
        <p>
          Sampling plan: {file.plan.content.plannedIds.flat().length} vessels fixed{' '}
          {formatMoment(file.plan.content.fixedAt)}, seed {file.plan.content.seed}.
        </p>
      )}
      {file.colours.length > 0 && (
        <p>
          Colour in glass: {file.colours.map(({ content }) => colourWords(content)).join('; ')}.
        </p>
      )}
      {file.labReports.map(({ entityId, content }) => (
        <p key={entityId}>
          Report of {content.laboratory}, {content.day}
          {content.reportNumber === '' ? '' : `, number ${content.reportNumber}`}: its values stand
          among the reasons.
        </p>
      ))}
      <p>
        Signs of fermentation:{' '}
        {signs.length === 0
          ? 'none entered.'
          : `${signs.map((one) => one.label.toLowerCase()).join(', ')}.`}
      </p>
      <p>
        Store:{' '}
        {lot.content.storageTemperatureC === null
          ? 'temperature not known.'
          : `${formatQuantity(lot.content.storageTemperatureC, 'temperature', preferences)}.`}
      </p>
    </DossierPart>
  );
}
