import { useMemo, type ReactElement } from 'react';
import { LongLots } from '../../../lot/LongLots';
import { Link } from 'react-router';
import type { Ledger } from '../../../../model';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { answerFigure } from '../../../words/phrasing';
import { PageLink } from '../../../ui/page/PageLink';
import { RuleStrip } from '../../../ui/charts/RuleStrip';
import { SheetSection } from '../../../ui/page/SheetSection';
import { lotsToMeasure, type ToMeasure } from '../measureNext';
import { Fold } from '../../../ui/page/Fold';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

/** Lots with this rank and beyond need nothing now. */
const DONE_FROM = 7;

function LotLine({ one }: { one: ToMeasure }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { content, entityId } = one.file.lot;
  const name = content.name || commonWords.lot({ code: content.code });
  return (
    <li>
      <Link
        to={`/${workspace}/bench/${entityId}`}
        className="block min-h-14 py-3 hover:bg-lavender-pale"
      >
        <span className="flex flex-wrap items-baseline justify-between gap-x-4">
          <span className="text-xl font-bold">{name}</span>
          <span className="text-2xl font-extrabold whitespace-nowrap">
            {answerFigure(one.ruling)} %
          </span>
        </span>
        <span className="block text-lg">{one.next}</span>
        <RuleStrip
          limitPercent={one.ruling.limitPercent}
          belief={one.ruling.belief}
          readings={one.evidence.readings.map((reading) => reading.moisturePercent)}
        />
      </Link>
    </li>
  );
}

function Lines({ lots }: { lots: readonly ToMeasure[] }): ReactElement {
  return (
    <LongLots lots={lots}>
      {(shown) => (
        <ul className="divide-y divide-thread">
          {shown.map((lot) => (
            <LotLine key={lot.file.lot.entityId} one={lot} />
          ))}
        </ul>
      )}
    </LongLots>
  );
}

/** What to measure next, lot by lot. */
export function LotsToMeasure({ ledger }: { ledger: Ledger }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const lots = useMemo(() => lotsToMeasure(ledger, preferences), [ledger, preferences]);
  const waiting = lots.filter((lot) => lot.rank < DONE_FROM);
  const done = lots.filter((lot) => lot.rank >= DONE_FROM);
  return (
    <SheetSection
      id="to-measure"
      title={benchWords.toMeasure()}
      aside={<PageLink to="lots/new">{commonWords.newLot()}</PageLink>}
    >
      {waiting.length === 0 ? (
        <p className="text-lg">
          {lots.length === 0 ? benchWords.noLotYetStartOne() : benchWords.nothingNeedsAReading()}
        </p>
      ) : (
        <Lines lots={waiting} />
      )}
      {done.length > 0 && (
        <Fold
          className="mt-3"
          open={waiting.length === 0}
          summary={benchWords.measured2({ done: done.length })}
        >
          <Lines lots={done} />
        </Fold>
      )}
    </SheetSection>
  );
}
