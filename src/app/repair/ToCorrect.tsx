import { Suspense, type ReactElement } from 'react';
import { useSetAside } from '../../db';
import type { UnruledLot } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { lazyPart } from '../ui/page/lazyPart';
import { kitWords } from '../words/english/kit';

/** Most people never see it: its code, with the names of all fields, is loaded when it is needed. */
const ToCorrectList = lazyPart(
  () => import('./ToCorrectList'),
  (module) => module.ToCorrectList,
);

const NONE: readonly UnruledLot[] = [];

interface ToCorrectProps {
  unruled?: readonly UnruledLot[];
  /** only what belongs to this lot */
  ownerId?: string;
}

/** Records with a value that cannot be right, and lots that cannot be ruled on: each with a way out. */
export function ToCorrect({ unruled = NONE, ownerId }: ToCorrectProps): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const all = useSetAside(workspace) ?? [];
  const aside = all.filter((row) => ownerId === undefined || row.ownerId === ownerId);
  const count = aside.length + unruled.length;
  if (count === 0) return null;
  return (
    <section aria-labelledby="to-correct" className="mt-5 border-4 border-lavender p-4">
      <h2 id="to-correct" className="text-2xl font-bold">
        {kitWords.correctRecords({ count })}
      </h2>
      <p className="mt-1 max-w-2xl text-lg">{kitWords.theseHoldAValueThat()}</p>
      <Suspense>
        <ToCorrectList aside={aside} unruled={unruled} />
      </Suspense>
    </section>
  );
}
