import { useMemo, type ReactElement } from 'react';
import { useRecordsOf } from '../../../db';
import { RECORD_KINDS, rivalriesOf, type RecordKind, type Rivalry } from '../../../records';
import { chooseRival, selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { Button } from '../../ui/Button';
import { SideBySide } from '../../ui/forms/SideBySide';
import { kitWords } from '../../words/english/kit';
import { kindsWords } from '../../words/english/kinds';

/** Kinds that are never changed after they were written, and are many. */
const NEVER_CHANGED: readonly RecordKind[] = ['photo', 'proof', 'air-log'];
const KINDS = RECORD_KINDS.filter((recordKind) => !NEVER_CHANGED.includes(recordKind));

function RivalRow({ rivalry }: { rivalry: Rivalry }): ReactElement {
  const dispatch = useAppDispatch();
  const { rivals, kind } = rivalry;
  const nameOf = (at: number): string => rivals[at]?.author || kitWords.version({ at: at + 1 });
  return (
    <li>
      <p className="text-lg font-bold">{kindsWords[kind]()}</p>
      <SideBySide
        label={kitWords.versions({ name: kindsWords[kind]() })}
        names={rivals.map((_, at) => nameOf(at))}
        records={rivals}
      />
      <div className="mt-2 flex flex-wrap gap-3">
        {rivals.map((rival, at) => (
          <Button
            key={rival.id}
            onClick={() => void dispatch(chooseRival(kitWords.choseWhichHolds(), rivalry, rival))}
          >
            {kitWords.holds({ nameOf: nameOf(at) })}
          </Button>
        ))}
      </div>
    </li>
  );
}

/** What was changed in two places at once: side by side, until somebody chooses. */
export function RivalsSection(): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const records = useRecordsOf(workspace, KINDS);
  const rivalries = useMemo(() => (records ? rivalriesOf(records) : []), [records]);
  if (rivalries.length === 0) return null;
  return (
    <section aria-labelledby="rivals" className="border-4 border-lavender p-4">
      <h2 id="rivals" className="text-2xl font-bold">
        {kitWords.changedInTwoPlaces({ rivalries: rivalries.length })}
      </h2>
      <p className="mt-1 text-lg">{kitWords.chooseWhichOneIsRight()}</p>
      <ul className="mt-3 space-y-5">
        {rivalries.map((rivalry) => (
          <RivalRow key={rivalry.entityId} rivalry={rivalry} />
        ))}
      </ul>
    </section>
  );
}
