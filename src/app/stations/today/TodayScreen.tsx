import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { BUTTON_BASE, BUTTON_TONES } from '../../ui/classes';
import { ToCorrect } from '../../repair/ToCorrect';
import { DueList } from './DueList';
import { LotRow } from './LotRow';
import { useHivesDue } from './useHivesDue';
import { useLineDue } from './useLineDue';
import { useMetersDue } from './useMetersDue';
import { useRoomsDue } from './useRoomsDue';
import { useRivalsDue } from './useRivalsDue';
import { useNotesDue, useStoreDue } from './useStoreDue';
import { bySeverity, type RuledLot } from '../../../model';
import { useRuledLots, useLedger } from '../../data/useWorkspaceModel';
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
      <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
        {lots.map((lot) => (
          <LotRow key={lot.file.lot.entityId} lot={lot} />
        ))}
      </ul>
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
    </div>
  );
}

/** What waits at every station, then all lots, those that wait for a decision first. */
export function TodayScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const ledger = useLedger();
  const rulings = useRuledLots();
  const lots = rulings.ruled;
  const moment = useMoment();
  const nowMs = Date.parse(moment);
  const due = [
    ...useHivesDue(),
    ...useRoomsDue(nowMs),
    ...useLineDue(nowMs),
    ...useMetersDue(moment),
    ...useStoreDue(nowMs),
    ...useNotesDue(nowMs),
    ...useRivalsDue(),
  ];
  const open = lots.filter((lot) => !lot.settled).sort(bySeverity);
  return (
    <>
      <h1 className="pt-5 text-4xl font-bold">{todayWords.today()}</h1>
      <ToCorrect unruled={rulings.unruled} />
      <DueList items={due} nowMs={nowMs} />
      {ledger.files.length === 0 && <Empty workspace={workspace} />}
      <Group id="open" title={todayWords.waitingForYourDecision()} lots={open} />
      <Group id="signed" title={todayWords.signed2()} lots={lots.filter((lot) => lot.settled)} />
    </>
  );
}
