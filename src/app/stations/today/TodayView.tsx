import { PageHead } from '../../ui/page/PageHead';
import { LongLots } from '../../lot/LongLots';
import { ToCorrect } from '../../repair/ToCorrect';
import { CopyNote } from './CopyNote';
import { DueList } from './DueList';
import { MomentBar } from './MomentBar';
import type { useTodayController } from './useTodayController';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { BUTTON_BASE, BUTTON_TONES } from '../../ui/classes';
import { LotRow } from './LotRow';
import { type RuledLot } from '../../../model';
import { todayWords } from '../../words/english/today';

interface GroupProps {
  id: string;
  title: string;
  lots: readonly RuledLot[];
}

function Group({ id, title, lots }: GroupProps): ReactElement | null {
  if (lots.length === 0) return null;
  return (
    <section aria-labelledby={id} className="mt-8">
      <h2 id={id} className="text-2xl font-bold">
        {title} ({lots.length})
      </h2>
      <LongLots lots={lots}>
        {(shown) => (
          <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
            {shown.map((lot) => (
              <LotRow key={lot.file.lot.entityId} lot={lot} />
            ))}
          </ul>
        )}
      </LongLots>
    </section>
  );
}

function Empty({ workspace }: { workspace: string }): ReactElement {
  return (
    <div className="mt-8 max-w-xl">
      <p className="text-2xl leading-snug">{todayWords.noHoneyHereYetStart()}</p>
      <Link
        to={`/${workspace}/lots/new`}
        className={`${BUTTON_BASE} ${BUTTON_TONES.ink} mt-5 min-h-14 text-lg`}
      >
        {todayWords.startALot()}
      </Link>
      <p className="mt-8 text-lg">{todayWords.workedElsewhere()}</p>
      <Link
        to={`/${workspace}/kit#exchange`}
        className={`${BUTTON_BASE} ${BUTTON_TONES.line} mt-2 min-h-14 text-lg`}
      >
        {todayWords.bringInACopy()}
      </Link>
    </div>
  );
}

/** What waits at every station, then all lots, those that wait for a decision first. */
export function TodayView(props: ReturnType<typeof useTodayController>): ReactElement {
  const { workspace, judgeFrame, lookAgain, isEmpty, unruled, due, nowMs, open, signed } = props;
  const { copy } = props;
  return (
    <>
      <PageHead title={todayWords.today()} />
      <MomentBar onFrame={judgeFrame} />
      <ToCorrect unruled={unruled} />
      {copy.isDue && <CopyNote {...copy} />}
      <DueList items={due} nowMs={nowMs} onLook={lookAgain} />
      {isEmpty && <Empty workspace={workspace} />}
      <Group id="open" title={todayWords.waitingForYourDecision()} lots={open} />
      <Group id="signed" title={todayWords.signedHeading()} lots={signed} />
      {!copy.isDue && <CopyNote {...copy} />}
    </>
  );
}
