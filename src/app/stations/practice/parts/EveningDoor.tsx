import type { ReactElement } from 'react';
import { Button } from '../../../ui/Button';
import { LooseField } from '../../../ui/fields/LooseField';
import { SheetSection } from '../../../ui/page/SheetSection';
import { practiceWords } from '../../../words/english/practice';
import { useEveningDoor } from '../useEvening';

/** The number that a club agrees on. */
export function EveningDoor(): ReactElement {
  const { typed, setTyped, wrong, begin } = useEveningDoor();
  return (
    <SheetSection id="evening" title={practiceWords.eveningTitle()}>
      <p className="mb-3 text-base">{practiceWords.eveningLead()}</p>
      <LooseField
        label={practiceWords.eveningCode()}
        value={typed}
        onType={setTyped}
        wrong={wrong}
        width="max-w-40"
        onEnter={begin}
        beside={
          <Button className="min-h-14" onClick={begin}>
            {practiceWords.begin()}
          </Button>
        }
      />
    </SheetSection>
  );
}
