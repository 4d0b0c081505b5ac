import type { ReactElement } from 'react';
import { doneBand, honeyDoneMin, type DoneBand } from '../../../../core';
import { clockText, durationText } from '../../../format/clock';
import { counted } from '../../../format/counted';
import { formatQuantity } from '../../../format/units';
import { selectPreferences, useAppSelector } from '../../../../store';
import { STAGE_HOLDS, STAGE_MENDED } from '../../../words/strainWords';
import { LINE_DRAWS } from '../../../../workers/lineClient';
import { ForecastProgress } from '../../../ui/page/ForecastProgress';
import { loadsOfDay, type AskedDay } from '../dayQuestion';
import type { DayForecast } from '../useDayForecast';

/** Draws from which a band may be told. */
const FIRST_TOLD = 50;

/** Paces from which a day is called late or early [1]. */
const LATE_FROM = 1.08;

function bandWords({ early, late }: DoneBand): string {
  return `between ${clockText(early)} and ${clockText(late)}`;
}

/** How the day goes against the plan; nothing where it goes as planned. */
function paceWords({ now }: AskedDay): string | null {
  const { hands, straining } = now.from.pace;
  const words = (pace: number): string =>
    `${Math.round(100 * Math.abs(pace - 1))} % ${pace > 1 ? 'slower' : 'faster'} than planned`;
  const off = (pace: number): boolean => pace > LATE_FROM || pace < 1 / LATE_FROM;
  const said = [
    off(hands) ? `Loads go ${words(hands)}` : null,
    off(straining) ? `straining goes ${words(straining)}` : null,
  ].filter((one) => one !== null);
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
    <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
      <p className="text-xl">The day took</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {durationText(took)}
      </p>
      <p className="mt-2 text-xl">planned were {durationText(expected)}</p>
      <p className="mt-3 text-lg">
        {counted(content.frames, 'frame')} ·{' '}
        {counted(asked.pails.full + asked.pails.lastKg.length, 'pail')}
      </p>
    </section>
  );
}

/** What the times rest on. */
function restsOn({ now }: AskedDay): string {
  if (now.phase === 'under-way') return 'Begins from what was ticked off, at the pace it has.';
  const { days } = now.habit;
  if (days > 0 && !now.calibrated) return `Based on your last ${counted(days, 'day')} at the line.`;
  return now.calibrated
    ? 'The strainer is known from pails that were read; hands go by the times typed.'
    : 'Hands and strainer go by the times typed; ticks and pails that are read narrow it.';
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
  const told = forecast.draws.length >= FIRST_TOLD;
  const band = told ? doneBand(forecast.draws, 'doneMin') : null;
  const held = forecast.first?.heldUp;
  const idle = now.content.people.length - working;
  const short = pails.full + pails.lastKg.length - now.content.pail.have;
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 0);
  return (
    <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
      <p className="text-xl">Honey strained by about</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {clockText(done)}
      </p>
      <p className="mt-2 text-xl">
        {band ? bandWords(band) : 'Reckoning what may come …'}; combs spun by{' '}
        {clockText(course.spunMin)}
        {course.wetOutMin !== null && `, wet boxes out by ${clockText(course.wetOutMin)}`}
      </p>
      <p className="mt-3 text-2xl font-bold">
        {held ? STAGE_HOLDS[held.stage] : forecast.first ? 'Nothing holds the others up.' : '…'}
      </p>
      {held && (
        <p className="text-lg">
          {STAGE_MENDED[held.stage]}, the day ends {durationText(held.minutes)} earlier.
        </p>
      )}
      {paceWords(asked) && <p className="text-lg font-semibold">{paceWords(asked)}</p>}
      <p className="mt-3 text-lg">
        {counted(loadsOfDay(now), 'load')} · {counted(pails.full + pails.lastKg.length, 'pail')} ·
        up to {kg(course.mostWaitingKg)} wait for the strainer · scraped{' '}
        {counted(course.scrapesAtMin.length, 'time')}
      </p>
      {short > 0 && (
        <p className="text-lg font-semibold">
          {counted(short, 'pail')} too few: {now.content.pail.have} are there.
        </p>
      )}
      {idle > 0 && (
        <p className="text-lg">
          {counted(working, 'pair of hands', 'pairs of hands')} do it as fast as{' '}
          {now.content.people.length}; the others are free for cleaning and meals.
        </p>
      )}
      <ForecastProgress
        forecast={forecast}
        one="possible day"
        total={LINE_DRAWS}
        lookAt="the plan of the day"
      >
        {restsOn(asked)}
      </ForecastProgress>
    </section>
  );
}
