import type { ReactElement } from 'react';
import { interpretReading } from '../../../../core';
import {
  meteredReading,
  vesselsOf,
  vesselId,
  type LotFile,
  type Reading,
} from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMeters } from '../../../data/useMeters';
import { SHAKE_CHOICES } from '../../../forms/combForm';
import { formatMoment } from '../../../format/dates';
import { formatDial } from '../../../format/moisture';
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
  return ({ content, recordedAt, author }) => {
    const { dial, condition } = meteredReading(content, meters);
    const read = interpretReading(dial);
    const meter = meters.get(content.instrumentId ?? '')?.instrument.content.name;
    const id =
      content.containerId === null ? null : vesselId(content.containerId, content.item ?? 1);
    const temperature =
      content.temperatureC === null
        ? 'not noted'
        : formatQuantity(content.temperatureC, 'temperature', preferences);
    return [
      id === null ? 'lot, stirred' : (vessels.find((one) => one.id === id)?.label ?? 'removed'),
      formatDial(content.scale, content.dialValue),
      `${temperature}${content.atc ? ', ATC' : ''}`,
      `${meter === undefined ? '' : `${meter}, `}${condition.zeroCheck === 'checked' ? 'checked' : 'not checked'}`,
      read.status === 'read' ? read.nD20.toFixed(5) : '—',
      read.status === 'read' ? `${read.moisturePercent.toFixed(2)} %` : '—',
      `${formatMoment(recordedAt)}${author === '' ? '' : ` ${author}`}`,
    ];
  };
}

/** Readings, comb, containers and what was seen. */
export function DossierEvidence({ file, answer }: DossierEvidenceProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const row = useReadingRow(file);
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
          head={['From', 'Dial', 'Prism', 'Zero', 'nD at 20 °C', 'Moisture', 'Entered']}
          rows={file.readings.map(row)}
        />
      )}
      <p className="mt-2">
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
