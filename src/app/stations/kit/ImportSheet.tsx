import { useState, type ReactElement } from 'react';
import type { AnyRecord } from '../../../records';
import type { ImportSummary, Listed } from '../../../workers/recordFileProtocol';
import { counted } from '../../format/counted';
import { formatMoment } from '../../format/dates';
import { titleOfRecord } from '../../words/recordNames';
import { Button } from '../../ui/Button';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { ClashRows } from './ClashRows';

/** Records by name, the first ones of many. */
function Names({ title, listed }: { title: string; listed: Listed<AnyRecord> }) {
  if (listed.count === 0) return null;
  const more = listed.count - listed.first.length;
  return (
    <details open={listed.count <= 5} className="mt-2">
      <FoldSummary>
        {title} {counted(listed.count, 'record')}
      </FoldSummary>
      <ul className="list-disc pl-6 text-base">
        {listed.first.map((one) => (
          <li key={one.id}>
            {titleOfRecord(one)}, written {formatMoment(one.recordedAt)}
            {one.author === '' ? '' : ` by ${one.author}`}
          </li>
        ))}
        {more > 0 && <li>and {more} more</li>}
      </ul>
    </details>
  );
}

function SetAsideRows({ setAside }: Pick<ImportSummary, 'setAside'>): ReactElement | null {
  if (setAside.count === 0) return null;
  return (
    <details open={setAside.count <= 5} className="mt-2">
      <FoldSummary>Sets aside {counted(setAside.count, 'record')} to correct</FoldSummary>
      <p className="text-base">
        A value in them cannot be right. They are kept, but left out of every answer until you
        correct them; Today lists them.
      </p>
      <ul className="list-disc pl-6 text-base">
        {setAside.first.map(({ row, troubles }) => (
          <li key={row.id}>
            {titleOfRecord(row)}: {troubles[0]?.message}
          </li>
        ))}
      </ul>
    </details>
  );
}

interface ImportSheetProps {
  summary: ImportSummary;
  name: string;
  busy: boolean;
  onDecide: (takeTheirs: ReadonlySet<string>) => void;
  onCancel: () => void;
}

/** What bringing a file in would change; nothing is written until it is decided. */
export function ImportSheet(props: ImportSheetProps): ReactElement {
  const { summary, name, busy, onDecide, onCancel } = props;
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const { fresh, same, added, replaced, removed, returned, setAside, gaps, lostCount } = summary;
  const does = [
    added > 0 ? `adds ${counted(added, 'record')}` : '',
    replaced.count > 0 ? `replaces ${counted(replaced.count, 'record')}` : '',
    removed.count > 0 ? `removes ${counted(removed.count, 'record')}` : '',
    returned > 0 ? `brings back ${counted(returned, 'record')}` : '',
  ].filter((one) => one !== '');
  return (
    <section aria-labelledby="import" className="mt-5 border-4 border-lavender p-4">
      <h3 id="import" className="text-2xl font-bold">
        {name} {does.length > 0 ? does.join(', ') : 'changes nothing that holds now'}
      </h3>
      <p className="mt-1 text-lg">
        Nothing is brought in yet. {counted(fresh, 'version')} would be new here; {same} are here
        already. What is replaced or removed stays in the history, and one undo takes it all back.
      </p>
      <Names title="Replaces" listed={replaced} />
      <Names title="Removes" listed={removed} />
      <SetAsideRows setAside={setAside} />
      {gaps > 0 && (
        <p className="mt-2 text-base">
          {counted(gaps, 'record')} came without {gaps === 1 ? 'its' : 'their'} earlier versions;
          what holds now is whole.
        </p>
      )}
      {lostCount > 0 && (
        <p className="mt-2 text-base">
          {counted(lostCount, 'line')} of the file {lostCount === 1 ? 'is' : 'are'} no record at all
          and {lostCount === 1 ? 'stays' : 'stay'} in the file: {summary.lost[0]?.path}{' '}
          {summary.lost[0]?.message}
        </p>
      )}
      <ClashRows clashes={summary.clashes} theirs={theirs} onChange={setTheirs} />
      <div className="mt-4 flex flex-wrap gap-3">
        <Button
          tone="lavender"
          className="min-h-14"
          disabled={busy}
          onClick={() => onDecide(theirs)}
        >
          {setAside.count > 0 ? 'Bring it in, set those aside' : 'Bring it in'}
        </Button>
        <Button onClick={onCancel}>Bring in nothing</Button>
      </div>
    </section>
  );
}
