import type { ReactElement } from 'react';
import type { Stale } from '../../../records';
import {
  rivalChosen,
  selectRivals,
  useAppDispatch,
  useAppSelector,
  type RivalChoice,
} from '../../../store';
import { titleOfRecord } from '../../words/recordNames';
import { Button } from '../Button';
import { Sheet } from './Sheet';
import { SideBySide } from './SideBySide';
import { formatsWords } from '../../words/english/formats';

function RivalRow({ rival }: { rival: Stale }): ReactElement {
  return (
    <li>
      <SideBySide
        label={formatsWords.yoursAndTheOtherTabs({ titleOfRecord: titleOfRecord(rival.theirs) })}
        names={[formatsWords.yours(), formatsWords.theOtherTabs()]}
        records={[rival.mine, rival.theirs]}
      />
    </li>
  );
}

/** What another tab changed while somebody typed here: both side by side, until one is chosen. */
export function RivalSheet(): ReactElement {
  const dispatch = useAppDispatch();
  const rivals = useAppSelector(selectRivals);
  const choose = (choice: RivalChoice) => (): void => void dispatch(rivalChosen(choice));
  return (
    <Sheet
      open={rivals !== null}
      onOpenChange={choose('back')}
      title={formatsWords.changedInAnotherTab()}
      description={formatsWords.theSameThingWasChanged()}
    >
      <ul className="space-y-5">
        {(rivals ?? []).map((rival) => (
          <RivalRow key={rival.mine.id} rival={rival} />
        ))}
      </ul>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button tone="ink" className="min-h-14" onClick={choose('mine')}>
          {formatsWords.keepMine()}
        </Button>
        <Button className="min-h-14" onClick={choose('theirs')}>
          {formatsWords.keepTheOther()}
        </Button>
        <Button tone="quiet" onClick={choose('back')}>
          {formatsWords.decideLater()}
        </Button>
      </div>
    </Sheet>
  );
}
