import { commonWords } from '../../words/english/common';
import { LongList } from '../../ui/page/LongList';
import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { EmptyNote } from '../../ui/page/EmptyNote';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { DaySheet } from './parts/DaySheet';
import { DayRow, LotRows, SettlingRow } from './parts/StrainRows';
import type { useStrainController } from './useStrainController';
import { weighWords } from '../../words/english/weigh';
import { houseWords } from '../../words/english/house';
import { waxWords } from '../../words/english/wax';
import { lineWords } from '../../words/english/line';

/** Days at the line, vessels that stand to clear, and what is to be ordered. */
export function StrainView(props: ReturnType<typeof useStrainController>): ReactElement {
  const { house, days, settling, files, nowMs, planning, plan, close, open } = props;
  return (
    <>
      <PageHead title={commonWords.extraction()}>
        <Button tone="ink" className="min-h-14" onClick={plan}>
          {lineWords.planADay()}
        </Button>
        <PageLink to="strain/weigh">{weighWords.weighTheBoxes()}</PageLink>
        <PageLink to="strain/kit-list">{lineWords.kitToOrder()}</PageLink>
        <PageLink to="strain/wax">{waxWords.title()}</PageLink>
        <PageLink to="strain/house">{houseWords.title()}</PageLink>
      </PageHead>
      {days.length === 0 ? (
        <EmptyNote>{lineWords.noDayPlannedYetType()}</EmptyNote>
      ) : (
        <LongList items={days}>
          {(shown) => (
            <ul
              aria-label={lineWords.daysAtTheLine()}
              className="mt-4 divide-y divide-thread border-y-2 border-ink"
            >
              {shown.map((day) => (
                <DayRow key={day.extraction.entityId} file={day} nowMs={nowMs} days={house.days} />
              ))}
            </ul>
          )}
        </LongList>
      )}
      {settling.length > 0 && (
        <section aria-labelledby="standing" className="mt-8">
          <h2 id="standing" className="text-2xl font-bold">
            {lineWords.settlingStanding({ standing: settling.length })}
          </h2>
          <LongList items={settling}>
            {(shown) => (
              <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
                {shown.map((row) => (
                  <SettlingRow key={row.settling.entityId} {...row} nowMs={nowMs} />
                ))}
              </ul>
            )}
          </LongList>
        </section>
      )}
      <LotRows files={files} />
      <DaySheet open={planning} record={null} house={house} onClose={close} onKept={open} />
    </>
  );
}
