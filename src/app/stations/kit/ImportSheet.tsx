import { useState, type ReactElement } from 'react';
import type { AnyRecord } from '../../../records';
import type { ImportSummary, Listed } from '../../../workers/recordFileProtocol';
import { formatMoment } from '../../format/dates';
import { titleOfRecord } from '../../words/recordNames';
import { Button } from '../../ui/Button';
import { FoldSummary } from '../../ui/page/FoldSummary';
import type { Asked } from './useBringIn';
import { ClashRows } from './ClashRows';
import { commonWords } from '../../words/english/common';
import { kitWords } from '../../words/english/kit';
import { tell } from '../../words/tell';

/** Records by name, the first ones of many. */
function Names({ title, listed }: { title: string; listed: Listed<AnyRecord> }) {
  if (listed.count === 0) return null;
  const more = listed.count - listed.first.length;
  return (
    <details open={listed.count <= 5} className="mt-2">
      <FoldSummary>
        {title} {kitWords.records({ count: listed.count })}
      </FoldSummary>
      <ul className="list-disc pl-6 text-base">
        {listed.first.map((record) => (
          <li key={record.id}>
            {kitWords.written3({
              titleOfRecord: titleOfRecord(record),
              recordedAt: formatMoment(record.recordedAt),
              part: record.author === '' ? '' : commonWords.byAuthor({ author: record.author }),
            })}
          </li>
        ))}
        {more > 0 && <li>{kitWords.andMore({ more })}</li>}
      </ul>
    </details>
  );
}

function SetAsideRows({ setAside }: Pick<ImportSummary, 'setAside'>): ReactElement | null {
  if (setAside.count === 0) return null;
  return (
    <details open={setAside.count <= 5} className="mt-2">
      <FoldSummary>{kitWords.setsAsideRecordsToCorrect({ count: setAside.count })}</FoldSummary>
      <p className="text-base">{kitWords.theyHoldAValueThat()}</p>
      <ul className="list-disc pl-6 text-base">
        {setAside.first.map(({ row, troubles }) => (
          <li key={row.id}>
            {titleOfRecord(row)}: {troubles[0] && tell(troubles[0].message)}
          </li>
        ))}
      </ul>
    </details>
  );
}

interface ImportSheetProps {
  asked: Asked;
  busy: boolean;
}

/** What bringing a file in would change; nothing is written until it is decided. */
export function ImportSheet({ asked, busy }: ImportSheetProps): ReactElement {
  const { summary, name, decide } = asked;
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const { fresh, same, added, replaced, removed, returned, setAside, gaps, lostCount } = summary;
  const does = [
    added > 0 ? kitWords.addsRecords({ added }) : '',
    replaced.count > 0 ? kitWords.replacesRecords({ count: replaced.count }) : '',
    removed.count > 0 ? kitWords.removesRecords({ count: removed.count }) : '',
    returned > 0 ? kitWords.bringsBackRecords({ returned }) : '',
  ].filter((text) => text !== '');
  return (
    <section aria-labelledby="import" className="mt-5 border-4 border-lavender p-4">
      <h3 id="import" className="text-2xl font-bold">
        {name} {does.length > 0 ? does.join(', ') : kitWords.changesNothing()}
      </h3>
      <p className="mt-1 text-lg">{kitWords.nothingIsBroughtInYet({ fresh, same })}</p>
      <Names title={kitWords.replaces()} listed={replaced} />
      <Names title={kitWords.removes()} listed={removed} />
      <SetAsideRows setAside={setAside} />
      {gaps > 0 && (
        <p className="mt-2 text-base">{kitWords.recordsCameWithoutTheirEarlier({ gaps })}</p>
      )}
      {lostCount > 0 && (
        <p className="mt-2 text-base">
          {kitWords.linesOfTheFileAre({ lostCount })} {summary.lost[0]?.path}{' '}
          {summary.lost[0] && tell(summary.lost[0].message)}
        </p>
      )}
      <ClashRows clashes={summary.clashes} theirs={theirs} onChange={setTheirs} />
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="lavender" className="min-h-14" disabled={busy} onClick={() => decide(theirs)}>
          {setAside.count > 0 ? kitWords.bringItInSetThose() : kitWords.bringItIn()}
        </Button>
        <Button onClick={() => decide(null)}>{kitWords.bringInNothing()}</Button>
      </div>
    </section>
  );
}
