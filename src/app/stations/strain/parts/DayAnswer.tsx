import { useMemo, type ReactElement } from 'react';
import { doneBand, framesDoneBy, honeyDoneMin, type DoneBand } from '../../../../core';
import { clockText, durationText } from '../../../format/clock';
import { formatQuantity } from '../../../format/units';
import { selectPreferences, useAppSelector } from '../../../../store';
import { STAGE_HOLDS, STAGE_MENDED } from '../../../words/strainWords';
import { ForecastProgress } from '../../../ui/page/ForecastProgress';
import { loadsOfDay, type AskedDay } from '../dayQuestion';
import type { DayForecast } from '../useDayForecast';
import { commonWords } from '../../../words/english/common';
import { toolsWords } from '../../../words/english/tools';
import { lineWords } from '../../../words/english/line';

/** Draws from which a band may be isShown. */
const FIRST_SHOWN = 50;

/** Paces from which a day is called late or early [1]. */
const LATE_FROM = 1.08;

function bandWords({ early, late }: DoneBand): string {
  return lineWords.betweenAnd({ early: clockText(early), late: clockText(late) });
}

/** How the day goes against the plan; nothing where it goes as planned. */
function paceWords({ now }: AskedDay): string | null {
  const { hands, straining } = now.from.pace;
  const words = (pace: number): string =>
    lineWords.thanPlanned({
      pace: Math.round(100 * Math.abs(pace - 1)),
      part: pace > 1 ? lineWords.slower() : lineWords.fasterInside(),
    });
  const off = (pace: number): boolean => pace > LATE_FROM || pace < 1 / LATE_FROM;
  const said = [
    off(hands) ? lineWords.loadsGo({ hands: words(hands) }) : null,
    off(straining) ? lineWords.strainingGoes({ straining: words(straining) }) : null,
  ].filter((text) => text !== null);
  return said.length === 0 ? null : `${said.join('; ')}.`;
}

const MINUTE_MS = 60_000;

/** A day that is over: how long it really took, beside the plan. */
function DayOver({ asked }: { asked: AskedDay }): ReactElement {
  const { content, planned } = asked.now;
  const began = Date.parse(content.startedAt ?? content.doneAt ?? '');
  const took = (Date.parse(content.doneAt ?? '') - began) / MINUTE_MS;
  const expected = honeyDoneMin(asked.plan.course) - planned.startMin;
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{lineWords.theDayTook()}</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {durationText(took)}
      </p>
      <p className="mt-2 text-xl">{lineWords.planned({ durationText: durationText(expected) })}</p>
      <p className="mt-3 text-lg">
        {commonWords.frames({ frames: content.frames })} ·{' '}
        {lineWords.pails2({ full: asked.pails.full + asked.pails.lastKg.length })}
      </p>
    </section>
  );
}

/** What the times rest on. */
function restsOn({ now }: AskedDay): string {
  if (now.phase === 'under-way') return lineWords.countsFromWhatWasTicked();
  const { days } = now.habit;
  if (days > 0 && !now.calibrated) return lineWords.basedOnYourLastDays({ days });
  return now.calibrated ? lineWords.theStrainerIsKnownFrom() : lineWords.handsAndStrainerGoBy();
}

/** Longer than anybody should work at a stretch [min]. @source common practice, no source */
const LONG_DAY_MIN = 10 * 60;

/** How long each person works, and what of it can be done before everybody goes home. */
function WorkingDay({ asked }: { asked: AskedDay }): ReactElement | null {
  const { content, planned } = asked.now;
  const doneMin = honeyDoneMin(asked.plan.course);
  const endMin = content.endMin ?? null;
  const isPlanned = content.startedAt === null;
  const pause = content.breaks
    .filter(({ fromMin }) => fromMin < doneMin)
    .reduce((sum, { minutes }) => sum + minutes, 0);
  const fits = useMemo(
    () => (isPlanned && endMin !== null && doneMin > endMin ? framesDoneBy(planned, endMin) : null),
    [isPlanned, endMin, doneMin, planned],
  );
  const workMin = doneMin - planned.startMin - pause;
  const allStay = content.people.every(({ fromMin, toMin }) => (fromMin ?? toMin ?? null) === null);
  const isLong = endMin === null && workMin > LONG_DAY_MIN;
  if (fits !== null && endMin !== null)
    return (
      <p role="alert" className="mt-2 text-lg font-semibold">
        {lineWords.notDoneByThen({ end: clockText(endMin), fits, frames: content.frames })}
      </p>
    );
  return (
    <p className={isLong ? 'mt-2 text-lg font-semibold' : 'mt-2 text-lg'}>
      {allStay
        ? lineWords.eachWorks({ hours: durationText(workMin) })
        : lineWords.whoStaysWorks({ hours: durationText(workMin) })}
      {isLong && ` ${lineWords.tooLongADay()}`}
    </p>
  );
}

/** When a day at home begins and ends, with setting up and washing up. */
function AroundIt({ asked, doneMin }: { asked: AskedDay; doneMin: number }): ReactElement | null {
  const { around, startMin } = asked.now.content;
  // once the day is under way, what was set up is past
  if (!around || around.setUpMin + around.washUpMin === 0 || asked.now.phase !== 'planned')
    return null;
  const from = clockText(startMin - around.setUpMin);
  return (
    <p className="text-lg">
      {toolsWords.wholeDay({ from, to: clockText(doneMin + around.washUpMin) })}
    </p>
  );
}

/** When the honey is done, what holds it up, and what it takes. */
export function DayAnswer({
  asked,
  forecast,
}: {
  asked: AskedDay;
  forecast: DayForecast;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  if (asked.now.phase === 'done') return <DayOver asked={asked} />;
  const { plan, now, pails } = asked;
  const { course, working } = plan;
  const done = honeyDoneMin(course);
  const isShown = forecast.draws.length >= FIRST_SHOWN;
  const band = isShown ? doneBand(forecast.draws, 'doneMin') : null;
  const held = forecast.first?.heldUp;
  const idle = now.content.people.length - working;
  const short = pails.full + pails.lastKg.length - now.content.pail.have;
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 0);
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{lineWords.honeyStrainedByAbout()}</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {clockText(done)}
      </p>
      <p className="mt-2 text-xl">
        {lineWords.combsSpunBy({
          bandWords: band ? bandWords(band) : lineWords.calculatingTheRange(),
          spunMin: clockText(course.spunMin),
        })}
        {course.wetOutMin !== null &&
          lineWords.wetBoxesOutBy({ wetOutMin: clockText(course.wetOutMin) })}
      </p>
      <p className="mt-3 text-2xl font-bold">
        {held ? STAGE_HOLDS[held.stage] : forecast.first ? lineWords.nothingDelaysTheRest() : '…'}
      </p>
      {held && (
        <p className="text-lg">
          {lineWords.theDayEndsEarlier({
            stageMended: STAGE_MENDED[held.stage],
            durationText: durationText(held.minutes),
          })}
        </p>
      )}
      {paceWords(asked) && <p className="text-lg font-semibold">{paceWords(asked)}</p>}
      <p className="mt-3 text-lg">
        {lineWords.loadsPailsUpToWaiting({
          loadsOfDay: loadsOfDay(now),
          full: pails.full + pails.lastKg.length,
          mostWaitingKg: kg(course.mostWaitingKg),
          scrapesAtMin: course.scrapesAtMin.length,
        })}
      </p>
      {short > 0 && (
        <p className="text-lg font-semibold">
          {lineWords.pailsShortAtHand({ short, have: now.content.pail.have })}
        </p>
      )}
      <WorkingDay asked={asked} />
      <AroundIt asked={asked} doneMin={done} />
      {idle > 0 && (
        <p className="text-lg">
          {lineWords.pairsOfHandsDoIt({ working, people: now.content.people.length })}
        </p>
      )}
      <ForecastProgress forecast={forecast} lookAt={lineWords.thePlanOfTheDay()}>
        {restsOn(asked)}
      </ForecastProgress>
    </section>
  );
}
