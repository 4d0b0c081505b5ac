import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { useCurrent } from '../../../data/useWorkspaceModel';
import { SheetSection } from '../../../ui/page/SheetSection';
import { practiceWords } from '../../../words/english/practice';

/** Days with guesses at their crop: the guessing goes on there. */
export function CropGuesses(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const guesses = useCurrent('guess');
  const days = useCurrent('harvest').filter(({ entityId }) =>
    guesses.some(({ ownerId }) => ownerId === entityId),
  );
  return (
    <SheetSection id="crop-guesses" title={practiceWords.cropGuesses()}>
      {days.length === 0 && <p className="text-base">{practiceWords.noCropGuesses()}</p>}
      <ul className="divide-y divide-thread">
        {days.map(({ entityId, content }) => (
          <li key={entityId}>
            <Link
              to={`/${workspace}/comb/${entityId}#guesses`}
              className="flex min-h-14 items-center text-lg underline"
            >
              {practiceWords.cropGuessesAt({
                day: content.name,
                guesses: guesses.filter(({ ownerId }) => ownerId === entityId).length,
              })}
            </Link>
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}
