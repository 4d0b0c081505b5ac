import type { ReactElement } from 'react';
import type { Clash } from '../../../db';
import { SideBySide } from '../../ui/forms/SideBySide';
import { Button } from '../../ui/Button';
import { kitWords } from '../../words/english/kit';
import { kindsWords } from '../../words/english/kinds';

interface ClashRowsProps {
  clashes: readonly Clash[];
  /** identifiers of which theirs is taken */
  theirs: ReadonlySet<string>;
  onChange: (theirs: ReadonlySet<string>) => void;
}

/** The same record with other content, mine beside theirs, one choice each. */
export function ClashRows({ clashes, theirs, onChange }: ClashRowsProps): ReactElement | null {
  if (clashes.length === 0) return null;
  const set = (id: string, take: boolean): void => {
    const next = new Set(theirs);
    if (take) next.add(id);
    else next.delete(id);
    onChange(next);
  };
  return (
    <>
      <h4 className="mt-3 text-xl font-bold">
        {kitWords.recordsDifferFromYours({ clashes: clashes.length })}
      </h4>
      <p className="text-lg">{kitWords.chooseForEachWhatYou()}</p>
      <ul className="mt-3 space-y-5">
        {clashes.map(({ mine, theirs: other }) => {
          const take = theirs.has(mine.id);
          return (
            <li key={mine.id}>
              <p className="text-lg font-bold">{kindsWords[mine.kind]()}</p>
              <SideBySide
                label={kitWords.mineAndTheirs({ name: kindsWords[mine.kind]() })}
                names={[kitWords.mine(), kitWords.theirs()]}
                records={[mine, other]}
              />
              <div className="mt-2 flex flex-wrap gap-3">
                <Button
                  tone={take ? 'line' : 'ink'}
                  aria-pressed={!take}
                  onClick={() => set(mine.id, false)}
                >
                  {kitWords.keepMine()}
                </Button>
                <Button
                  tone={take ? 'ink' : 'line'}
                  aria-pressed={take}
                  onClick={() => set(mine.id, true)}
                >
                  {kitWords.takeTheirs()}
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
    </>
  );
}
