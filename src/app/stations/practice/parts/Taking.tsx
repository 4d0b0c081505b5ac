import { useState, type ReactElement } from 'react';
import { SCHOOLS, takenBySchools } from '../../../../core';
import { Button } from '../../../ui/Button';
import { practiceWords } from '../../../words/english/practice';

/** What the rules say of a share, and what a shake test would add. */
function Rules({ truth }: { truth: number }): ReactElement {
  const schools = takenBySchools(truth);
  const shaken = takenBySchools(truth, 'nothing-fell').filter((name) => !schools.includes(name));
  return (
    <div className="mt-2 space-y-1">
      <p className="text-base">
        {schools.length === 0
          ? practiceWords.takenByNone()
          : practiceWords.takenBy({
              taking: schools.length,
              all: SCHOOLS.length,
              schools: schools.join(' · '),
            })}
      </p>
      {schools.length < SCHOOLS.length && (
        <p className="text-base">
          {shaken.length === 0
            ? practiceWords.shakeChangesNothing()
            : practiceWords.takenIfShaken({ schools: shaken.join(' · ') })}
        </p>
      )}
    </div>
  );
}

/** Whether one would take such a frame, and then what each rule does. Nothing of it is kept. */
export function Taking({ truth }: { truth: number }): ReactElement {
  const [chosen, setChosen] = useState('');
  return (
    <>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <p className="text-lg font-semibold">{practiceWords.wouldYouTake()}</p>
        {[practiceWords.choiceTake(), practiceWords.choiceLeave()].map((choice) => (
          <Button
            key={choice}
            tone={choice === chosen ? 'ink' : 'line'}
            aria-pressed={choice === chosen}
            className="min-h-14"
            onClick={() => setChosen(choice)}
          >
            {choice}
          </Button>
        ))}
      </div>
      {chosen !== '' && <Rules truth={truth} />}
    </>
  );
}
