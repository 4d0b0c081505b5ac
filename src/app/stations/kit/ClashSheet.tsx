import { useState, type ReactElement } from 'react';
import type { MergePlan } from '../../../records';
import { counted } from '../../format/counted';
import { KIND_NAMES } from '../../format/recordNames';
import { Button } from '../../ui/Button';
import { SideBySide } from './SideBySide';

interface ClashSheetProps {
  plan: MergePlan;
  name: string;
  onDecide: (takeTheirs: ReadonlySet<string>) => void;
  onCancel: () => void;
}

/** The same record with other content, mine beside theirs; nothing is imported until it is decided. */
export function ClashSheet({ plan, name, onDecide, onCancel }: ClashSheetProps): ReactElement {
  const [theirs, setTheirs] = useState<ReadonlySet<string>>(new Set());
  const set = (id: string, take: boolean): void =>
    setTheirs((before) => {
      const next = new Set(before);
      if (take) next.add(id);
      else next.delete(id);
      return next;
    });
  return (
    <section aria-labelledby="clashes" className="mt-5 border-4 border-lavender p-4">
      <h3 id="clashes" className="text-2xl font-bold">
        {counted(plan.clashes.length, 'record')} in {name}{' '}
        {plan.clashes.length === 1 ? 'differs' : 'differ'} from yours
      </h3>
      <p className="mt-1 text-lg">
        Nothing is imported yet. Choose for each; what is not chosen stays in its file, and yours
        stays in the history.
      </p>
      <ul className="mt-3 space-y-5">
        {plan.clashes.map(({ mine, theirs: other }) => {
          const take = theirs.has(mine.id);
          return (
            <li key={mine.id}>
              <p className="text-lg font-bold">{KIND_NAMES[mine.kind]}</p>
              <SideBySide
                label={`${KIND_NAMES[mine.kind]}, mine and theirs`}
                names={['Mine', 'Theirs']}
                records={[mine, other]}
              />
              <div className="mt-2 flex flex-wrap gap-3">
                <Button
                  tone={take ? 'line' : 'ink'}
                  aria-pressed={!take}
                  onClick={() => set(mine.id, false)}
                >
                  Keep mine
                </Button>
                <Button
                  tone={take ? 'ink' : 'line'}
                  aria-pressed={take}
                  onClick={() => set(mine.id, true)}
                >
                  Take theirs
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="lavender" className="min-h-14" onClick={() => onDecide(theirs)}>
          Import so
        </Button>
        <Button onClick={onCancel}>Import nothing</Button>
      </div>
    </section>
  );
}
