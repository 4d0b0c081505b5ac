import type { ReactElement } from 'react';
import type { Ruling } from '../../../../core';
import type { LotFile } from '../../../../model';
import { ReadingEntry } from '../../../lot/ReadingEntry';
import { useReadingsOfBefore } from '../../../data/useReadingsOfBefore';
import type { ReadingFormState } from '../../../lot/useReadingForm';
import { ReadingRow } from '../../../lot/ReadingRow';
import { SheetSection } from '../../../ui/page/SheetSection';
import { rulingWords } from '../../../words/english/ruling';

/** So many readings stand on the page of the lot; the bench shows them all. */
const MOST_ROWS = 12;

interface ReadingsSectionProps {
  file: LotFile;
  entry: ReadingFormState;
  ruling: Ruling;
}

/** The readings of a lot, and the form for the next one. */
export function ReadingsSection({ file, entry, ruling }: ReadingsSectionProps): ReactElement {
  const before = useReadingsOfBefore(file);
  const latest = file.readings.slice(-MOST_ROWS);
  const older = file.readings.length - latest.length;
  return (
    <SheetSection id="readings" title={rulingWords.readings()}>
      {older > 0 && <p className="text-base">{rulingWords.earlierOnesAreAtThe({ older })}</p>}
      {latest.length > 0 && (
        <ul className="mb-5 divide-y divide-thread border-b border-thread">
          {latest.map((item) => (
            <ReadingRow
              key={item.entityId}
              reading={item}
              file={file}
              before={before.get(item.entityId) ?? null}
            />
          ))}
        </ul>
      )}
      <ReadingEntry file={file} entry={entry} ruling={ruling} />
    </SheetSection>
  );
}
