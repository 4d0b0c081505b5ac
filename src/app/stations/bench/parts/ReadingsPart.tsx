import { useState, type ReactElement } from 'react';
import type { LotFile } from '../../../../model';
import { useReadingsOfBefore } from '../../../data/useReadingsOfBefore';
import { ReadingRow } from '../../../lot/ReadingRow';
import { Button } from '../../../ui/Button';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { benchWords } from '../../../words/english/bench';

/** So many readings are shown at first. */
const FIRST_ROWS = 10;

/** Readings of the lot, latest first. */
export function ReadingsPart({ file }: { file: LotFile }): ReactElement {
  const before = useReadingsOfBefore(file);
  const [all, setAll] = useState(false);
  const latest = [...file.readings].reverse();
  const shown = all ? latest : latest.slice(0, FIRST_ROWS);
  return (
    <SheetSection
      id="bench-readings"
      title={benchWords.readings2({ readings: file.readings.length })}
      aside={<PageLink to="bench/readings">{benchWords.allLots()}</PageLink>}
    >
      {latest.length === 0 ? (
        <p className="text-lg">{benchWords.noneYet()}</p>
      ) : (
        <ul className="divide-y divide-thread">
          {shown.map((item) => (
            <ReadingRow
              key={item.entityId}
              reading={item}
              file={file}
              before={before.get(item.entityId) ?? null}
            />
          ))}
        </ul>
      )}
      {shown.length < latest.length && (
        <Button onClick={() => setAll(true)}>
          {benchWords.showAll({ latest: latest.length })}
        </Button>
      )}
    </SheetSection>
  );
}
