import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { LongList } from '../../ui/page/LongList';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { commonWords } from '../../words/english/common';
import { whenWords } from '../../words/english/when';
import { seasonActId } from '../../words/seasonActWords';
import { ActRow } from './parts/when/ActRow';
import { PlanSheet } from './parts/when/PlanSheet';
import { HiveWeightSheet } from './parts/when/HiveWeightSheet';
import { RoundSection } from './parts/when/RoundSection';
import { SampleScale } from './parts/when/SampleScale';
import { SeasonLine } from './parts/when/SeasonLine';
import { WeatherSection } from './parts/when/WeatherSection';
import { WeatherSheet } from './parts/when/WeatherSheet';
import { YardPart } from './parts/when/YardPart';
import type { useWhenController } from './useWhenController';

/** What to do by day, each with its reason, then what stands behind it. */
export function WhenView(props: ReturnType<typeof useWhenController>): ReactElement {
  const { board, book, histories, honeyOf, offersOf, flowOffers } = props;
  const { weatherSheet, planSheet } = props;
  return (
    <>
      <PageHead over={commonWords.season()} title={whenWords.whenToGo()} lead={whenWords.lead()}>
        <Button onClick={() => planSheet.add()}>{whenWords.howIGoAboutIt()}</Button>
        <PageLink to="season">{whenWords.toTheSeason()}</PageLink>
      </PageHead>
      <div className="mt-5 space-y-8">
        {board.acts.length === 0 ? (
          <p className="max-w-2xl text-xl">{whenWords.nothingToPlan()}</p>
        ) : (
          <SheetSection id="acts" title={whenWords.whatToDo()}>
            <LongList items={board.acts}>
              {(shown) => (
                <ul className="divide-y divide-thread border-y border-thread">
                  {shown.map((act) => (
                    <ActRow
                      key={seasonActId(act)}
                      {...{ act, book, today: board.today }}
                      offers={offersOf(act)}
                    />
                  ))}
                </ul>
              )}
            </LongList>
          </SheetSection>
        )}
        <RoundSection stops={props.round} />
        <WeatherSection board={board} onAdd={() => weatherSheet.add()} />
        <SeasonLine board={board} />
        {board.yards.length > 0 && (
          <SheetSection
            id="by-yard"
            title={whenWords.byYard()}
            aside={
              <Button onClick={() => props.weightSheet.add()}>{whenWords.weighAHive()}</Button>
            }
          >
            <LongList items={board.yards}>
              {(shown) => (
                <div className="grid gap-x-10 gap-y-6 wide:grid-cols-2">
                  {shown.map((yard) => (
                    <YardPart
                      key={yard.yard.entityId}
                      {...{ book, histories, flowOffers, today: board.today }}
                      board={yard}
                      plants={honeyOf.get(yard.yard.content.name) ?? []}
                    />
                  ))}
                </div>
              )}
            </LongList>
            <SampleScale today={board.today} />
          </SheetSection>
        )}
      </div>
      <HiveWeightSheet editing={props.weightSheet} book={book} />
      <WeatherSheet editing={weatherSheet} book={book} />
      <PlanSheet editing={planSheet} plan={board.plan} />
    </>
  );
}
