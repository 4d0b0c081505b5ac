import { Suspense, useMemo, useState, type ReactElement } from 'react';
import {
  loadCourse,
  type LoadAnswer,
  type LoadCourse,
  type LoadQuestion,
  DAY_MS,
} from '../../../../core';
import type { RoomFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatPercent } from '../../../format/moisture';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Slider } from '../../../ui/fields/Slider';
import { Waiting } from '../../../ui/page/Waiting';
import { PLAN_PROBABILITY, boxLike, firstWhatIf, loadQuestion, type WhatIf } from '../loadQuestion';
import type { AskedRoom } from '../roomQuestion';
import { useLoadPlan, useLoadSearch, type LoadSearch } from '../useLoadPlan';
import type { RoomForecast } from '../useRoomForecast';
import { lazyPart } from '../../../ui/page/lazyPart';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';
import { formatWeekdayTime } from '../../../format/dates';

const LoadChart = lazyPart(
  () => import('./LoadChart'),
  (module) => module.LoadChart,
);

/** Loads of the curve. */
function countsFor(capacity: number): number[] {
  const shares = [0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.65, 0.8, 1];
  return [...new Set(shares.map((share) => Math.max(1, Math.round(share * capacity))))];
}

interface SlidersProps {
  file: RoomFile;
  whatIf: WhatIf;
  onChange: (change: Partial<WhatIf>) => void;
}

function Sliders({ file, whatIf, onChange }: SlidersProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { capacityBoxes, machine } = file.room.content;
  const { boxes, setPointC, litres, days, outsidePercent } = whatIf;
  return (
    <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
      <Slider
        label={roomWords.moreBoxesHeading()}
        value={boxes}
        range={[1, capacityBoxes]}
        words={String(boxes)}
        onChange={(value) => onChange({ boxes: value })}
      />
      <Slider
        label={roomWords.dryWithin()}
        value={days}
        range={[1, 10]}
        step={0.5}
        words={roomWords.days({ days })}
        onChange={(value) => onChange({ days: value })}
      />
      <Slider
        label={roomWords.roomSetTo()}
        value={setPointC}
        range={[20, 40]}
        words={formatQuantity(setPointC, 'temperature', preferences, 0)}
        onChange={(value) => onChange({ setPointC: value })}
      />
      {machine && (
        <Slider
          label={roomWords.dehumidifier()}
          value={litres}
          range={[0, Math.max(60, 3 * machine.ratedLPerDay)]}
          step={5}
          words={litres === 0 ? roomWords.off() : roomWords.lADay({ litres })}
          onChange={(value) => onChange({ litres: value })}
        />
      )}
      <Slider
        label={roomWords.humidityOutside()}
        value={outsidePercent}
        range={[30, 100]}
        step={5}
        words={`${outsidePercent} %`}
        onChange={(value) => onChange({ outsidePercent: value })}
      />
    </div>
  );
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** What the search found, in a sentence. */
function answerWords(answer: LoadAnswer, deadline: string): string {
  const { boxes, share, shareWithOneMore, shareWithNone, limitedBy } = answer;
  const surely = roomWords.probability({ planProbability: percent(PLAN_PROBABILITY) });
  if (boxes === 0 && shareWithNone < PLAN_PROBABILITY) {
    return roomWords.notEvenWhatIsIn({ deadline, surely, shareWithNone: percent(shareWithNone) });
  }
  if (boxes === 0) return roomWords.notEvenOneMoreBox({ deadline, surely });
  return limitedBy === 'room'
    ? roomWords.allBoxesTheRoomHolds({ boxes, deadline })
    : roomWords.atMostBoxesSureTo({
        boxes,
        share: percent(share),
        deadline,
        shareWithOneMore: percent(shareWithOneMore),
      });
}

/** The search for the most boxes: its progress, or what it found. */
function MostBoxes({ search, deadline }: { search: LoadSearch; deadline: string }): ReactElement {
  const { status, tried, answer, start, cancel } = search;
  const last = tried[tried.length - 1];
  return (
    <div className="mt-4 border-l-8 border-lavender pl-4">
      {answer && (
        <p role="status" className="text-2xl font-bold">
          {answerWords(answer, deadline)}
        </p>
      )}
      {status === 'running' ? (
        <p role="status" className="flex flex-wrap items-center gap-4 text-lg">
          {last
            ? roomWords.triedBoxes({ boxes: last.boxes, share: percent(last.share) })
            : roomWords.findingTheMost()}
          <Button onClick={cancel}>{commonWords.stop()}</Button>
        </p>
      ) : (
        <Button className="min-h-14" onClick={start}>
          {roomWords.findTheMostThatWill({ deadline })}
        </Button>
      )}
    </div>
  );
}

interface CoarseProps {
  course: LoadCourse;
  question: LoadQuestion;
  share: number | null;
  honeyKg: number;
  price: number;
  deadline: string;
}

/** The answer at once from one run, and the probability once many courses are computed. */
function Answer(props: CoarseProps): ReactElement {
  const { course, question, share, honeyKg, price, deadline } = props;
  const days = course.readyDay - question.inDay;
  const stays = Number.isFinite(days)
    ? days
    : question.task.run.reportDays.at(-1)! - question.inDay;
  const cost = (price * course.kWhPerDay * stays) / Math.max(1, honeyKg);
  return (
    <div className="mt-3">
      <p className="text-3xl leading-tight font-bold">
        {Number.isFinite(days)
          ? roomWords.dryEnoughAfterAboutDays({ days: Number(days.toFixed(1)) })
          : roomWords.stillBy({ endPercent: formatPercent(course.endPercent), deadline })}
      </p>
      <p className="text-lg">
        {share === null
          ? roomWords.roughFirstAnswerTheProbability()
          : roomWords.inTimeWithProbabilityCounting({ share: Math.round(100 * share) })}
      </p>
      <p className="text-base">
        {roomWords.theAirStaysAtOn({
          humidity: Math.round(100 * course.humidity),
          kWhPerDay: course.kWhPerDay.toFixed(0),
        })}
        {price > 0 && roomWords.aKgOfHoney({ cost: cost.toFixed(2) })}
      </p>
    </div>
  );
}

interface PlanSectionProps {
  file: RoomFile;
  asked: AskedRoom;
  forecast: RoomForecast;
}

/** What if: more boxes, another set point, a larger machine, wet weather. */
export function PlanSection({ file, asked, forecast }: PlanSectionProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [whatIf, setWhatIf] = useState(() => firstWhatIf(file));
  const belief = forecast.first?.learned.belief ?? null;
  const question = useMemo(
    () => (belief ? loadQuestion({ file, asked, belief }, whatIf) : null),
    [file, asked, belief, whatIf],
  );
  const { capacityBoxes, pricePerKwh } = file.room.content;
  const counts = useMemo(() => countsFor(capacityBoxes), [capacityBoxes]);
  const { plan, wrong } = useLoadPlan(question, whatIf.boxes, counts);
  const search = useLoadSearch(question);
  const course = useMemo(
    () => (question ? loadCourse(question, whatIf.boxes) : null),
    [question, whatIf.boxes],
  );
  const like = boxLike(file);
  const { zeroMs, nowDay } = asked.present;
  const deadline = formatWeekdayTime(zeroMs + (nowDay + whatIf.days) * DAY_MS);
  return (
    <SheetSection id="plan" title={roomWords.whatIf()}>
      <p className="mb-3 text-base">
        {roomWords.moreBoxesLikeOfHoney({
          name: like.name,
          honeyKgPerBox: formatQuantity(like.honeyKgPerBox, 'mass', preferences),
          openShare: Math.round(100 * like.openShare),
          openPercent: formatPercent(like.openPercent),
          cappedPercent: formatPercent(like.cappedPercent),
          targetPercent: formatPercent(like.targetPercent),
        })}
      </p>
      <Sliders
        file={file}
        whatIf={whatIf}
        onChange={(change) => setWhatIf((before) => ({ ...before, ...change }))}
      />
      {question && course ? (
        <>
          <Answer
            course={course}
            question={question}
            share={plan?.share ?? null}
            honeyKg={whatIf.boxes * like.honeyKgPerBox}
            price={pricePerKwh}
            deadline={deadline}
          />
          <MostBoxes search={search} deadline={deadline} />
          {(wrong || search.wrong) && (
            <p role="alert" className="text-lg font-semibold">
              {wrong || search.wrong}
            </p>
          )}
          {plan && (
            <Suspense fallback={<Waiting />}>
              <LoadChart curve={plan.curve} inDay={question.inDay} days={whatIf.days} />
            </Suspense>
          )}
        </>
      ) : (
        <Waiting />
      )}
    </SheetSection>
  );
}
