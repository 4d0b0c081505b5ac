import { Pencil } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { interpretReading, type Ruling } from '../../../../core';
import { vesselId, vesselsOf, type LotFile, type Reading } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { readReadingForm, readingFormOf } from '../../../forms/readingForm';
import { correctionWords, formatDial, formatPercent } from '../../../format/moisture';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { CorrectSheet } from '../../../ui/CorrectSheet';
import { ReadingEntry } from './ReadingEntry';
import { ReadingFields } from './ReadingFields';
import { SheetSection } from '../../../ui/SheetSection';

interface ReadingRowProps {
  reading: Reading;
  file: LotFile;
}

function vesselName({ content }: Reading, file: LotFile): string {
  if (content.containerId === null) return 'lot as a whole';
  const id = vesselId(content.containerId, content.item ?? 1);
  return (
    vesselsOf(file.containers).find((one) => one.id === id)?.label ?? 'a container since removed'
  );
}

function ReadingRow({ reading, file }: ReadingRowProps): ReactElement {
  const [correcting, setCorrecting] = useState(false);
  const preferences = useAppSelector(selectPreferences);
  const { content } = reading;
  const read = interpretReading(content);
  const at =
    content.temperatureC === null
      ? 'temperature not noted'
      : `at ${formatQuantity(content.temperatureC, 'temperature', preferences)}`;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
      <span className="w-28 text-3xl font-bold">
        {read.status === 'read' ? `${formatPercent(read.moisturePercent)} %` : '—'}
      </span>
      <span className="grow basis-48 text-base">
        {vesselName(reading, file)} · dial {formatDial(content.scale, content.dialValue)} {at}
        {content.atc ? ', ATC' : ''}
        {content.zeroCheck === 'checked' ? ', zero checked' : ''}
        {content.remark === '' ? '' : ` · ${content.remark}`}
        {read.status === 'read' && (
          <span className="block text-ink-soft">{correctionWords(read, content)}</span>
        )}
      </span>
      <Button tone="quiet" onClick={() => setCorrecting(true)}>
        <Pencil aria-hidden className="size-4" /> Correct
        <span className="sr-only"> reading {formatDial(content.scale, content.dialValue)}</span>
      </Button>
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={reading}
        what="this reading"
        formOf={readingFormOf(content, preferences)}
        parse={(form) => readReadingForm(form, preferences)}
      >
        <ReadingFields vessels={vesselsOf(file.containers)} ownsDigits={false} />
      </CorrectSheet>
    </li>
  );
}

/** The readings of a lot, and the form for the next one. */
export function ReadingsSection({ file, ruling }: { file: LotFile; ruling: Ruling }): ReactElement {
  return (
    <SheetSection id="readings" title="Readings">
      {file.readings.length > 0 && (
        <ul className="mb-5 divide-y divide-thread border-b border-thread">
          {file.readings.map((one) => (
            <ReadingRow key={one.entityId} reading={one} file={file} />
          ))}
        </ul>
      )}
      <ReadingEntry file={file} ruling={ruling} />
    </SheetSection>
  );
}
