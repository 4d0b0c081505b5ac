import { Camera, Pencil } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { HAPPENED, type HistoryReason } from '../../core';
import { meteredReading, vesselsOf, wouldBePercent, type LotFile } from '../../model';
import { vesselIdOf, type Reading } from '../../records';
import { selectPreferences, useAppSelector } from '../../store';
import { readReadingForm, readingFormOf } from '../forms/bench/readingForm';
import { MARK_SENTENCES, correctionWords, formatDial, formatPercent } from '../format/moisture';
import { SAMPLE_NAMES, SPOT_NAMES, offsetWords } from '../words/reading';
import { formatQuantity } from '../format/units';
import { Button } from '../ui/Button';
import { CorrectSheet } from '../ui/forms/CorrectSheet';
import { Sheet } from '../ui/forms/Sheet';
import { ProofPart } from './ProofPart';
import { ReadingFields } from './ReadingFields';
import { useMeters } from '../data/useWorkspaceModel';
import { commonWords } from '../words/english/common';
import { lotWords } from '../words/english/lot';
import { tell } from '../words/tell';

interface ReadingRowProps {
  reading: Reading;
  file: LotFile;
  /** what happened after it, so that it is history; null for one of now */
  before: HistoryReason | null;
}

export function vesselName({ content }: Reading, file: LotFile): string {
  const id = vesselIdOf(content);
  if (id === null) return lotWords.lotAsAWhole();
  return (
    vesselsOf(file.containers).find((vessel) => vessel.id === id)?.label ??
    lotWords.aContainerRemovedSince()
  );
}

/** Meter, spot, sample and who: what was said of a reading beyond dial and temperature. */
function useFacts({ content }: Reading): string {
  const meter = useMeters().get(content.instrumentId ?? '')?.instrument.content.name;
  const zero = content.zeroCheck === 'checked' ? lotWords.zeroChecked() : '';
  const facts = [
    content.spot === 'not-said' ? '' : SPOT_NAMES[content.spot].toLowerCase(),
    content.sample === 'clear' ? '' : SAMPLE_NAMES[content.sample].toLowerCase(),
    content.atc === null ? lotWords.atcNotKnown() : content.atc ? 'ATC' : '',
    meter ?? zero,
    content.reader === '' ? '' : lotWords.readBy({ reader: content.reader }),
    content.practice ? lotWords.practice() : '',
    content.remark,
  ];
  return facts.filter((fact) => fact !== '').join(' · ');
}

/** What the later check throws on it; the reading itself stays as it was. */
function Doubt({ would, was }: { would: number; was: number }): ReactElement {
  return (
    <span className="mt-1 block border-l-4 border-dashed border-ink pl-2 font-semibold">
      {lotWords.inDoubtTheMetersZero({ would: formatPercent(would), was: formatPercent(was) })}
    </span>
  );
}

/** One reading: what it means, how it was read, and what throws doubt on it. */
export function ReadingRow({ reading, file, before }: ReadingRowProps): ReactElement {
  const [correcting, setCorrecting] = useState(false);
  const [proving, setProving] = useState(false);
  const preferences = useAppSelector(selectPreferences);
  const meters = useMeters();
  const facts = useFacts(reading);
  const { content } = reading;
  const metered = meteredReading(content, meters);
  const { read } = metered;
  const would = wouldBePercent(metered);
  const at =
    content.temperatureC === null
      ? lotWords.temperatureNotNoted()
      : lotWords.atTemperaturec({
          temperatureC: formatQuantity(content.temperatureC, 'temperature', preferences),
        });
  const marks = read.status === 'read' ? read.marks : [];
  const context = { preferences, meters, takenAt: content.takenAt, former: content };
  return (
    <li className="flex flex-wrap items-start gap-x-4 gap-y-1 py-2">
      <span className="w-28 text-3xl font-bold">
        {read.status === 'read' ? `${formatPercent(read.moisturePercent)} %` : '—'}
      </span>
      <span className="grow basis-48 text-base">
        {lotWords.dial({
          vesselName: vesselName(reading, file),
          scale: formatDial(content.scale, content.dialValue),
          at,
          part: facts === '' ? '' : ` · ${facts}`,
        })}
        {read.status === 'read' && (
          <span className="block text-ink-soft">
            {correctionWords(read, metered.dial)} {offsetWords(metered.dial)}
          </span>
        )}
        {before !== null && (
          <span className="block font-semibold">
            {lotWords.historyReadBeforeSoIt({ happened: tell(HAPPENED[before]) })}
          </span>
        )}
        {marks
          .filter((mark) => ['crystals', 'gel', 'prism-not-settled'].includes(mark))
          .map((mark) => (
            <span key={mark} className="block font-semibold">
              {MARK_SENTENCES[mark]}
            </span>
          ))}
        {would !== null && read.status === 'read' && (
          <Doubt would={would} was={read.moisturePercent} />
        )}
      </span>
      <span className="flex flex-wrap sm:flex-col sm:items-start">
        <Button tone="quiet" onClick={() => setProving(true)}>
          <Camera aria-hidden className="size-4" /> {lotWords.proof()}
          <span className="sr-only">
            {' '}
            {lotWords.ofReading({ scale: formatDial(content.scale, content.dialValue) })}
          </span>
        </Button>
        <Button tone="quiet" onClick={() => setCorrecting(true)}>
          <Pencil aria-hidden className="size-4" /> {commonWords.correct()}
          <span className="sr-only">
            {' '}
            {lotWords.reading({ scale: formatDial(content.scale, content.dialValue) })}
          </span>
        </Button>
      </span>
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={reading}
        what={lotWords.thisReading()}
        formOf={readingFormOf(content, preferences)}
        parse={(form) => readReadingForm(form, context)}
      >
        <ReadingFields vessels={vesselsOf(file.containers)} ownsDigits={false} />
      </CorrectSheet>
      <Sheet
        open={proving}
        onOpenChange={setProving}
        title={lotWords.proofOfThisReading()}
        description={lotWords.theScaleOrDisplayAsIt({
          scale: formatDial(content.scale, content.dialValue),
        })}
      >
        <ProofPart readingId={reading.entityId} />
      </Sheet>
    </li>
  );
}
