import { CalendarPlus } from 'lucide-react';
import { Suspense, useMemo, type ReactElement } from 'react';
import { settlingCourse, skimPlan, type SettlingMoment } from '../../../../core';
import { nextSkim, settlingTask, type LotFile } from '../../../../model';
import { type SettlingRecord } from '../../../../records';
import {
  selectPreferences,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../../store';
import { endSettling, skim } from '../settlingActs';
import { spanText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { OneMassForm } from '../../../ui/forms/OneMassForm';
import { PlainTable } from '../../../ui/PlainTable';
import { Waiting } from '../../../ui/page/Waiting';
import { saveFile } from '../../../ui/saveFile';
import { useSaving } from '../../../ui/forms/useSaving';
import { lazyPart } from '../../../ui/page/lazyPart';
import { commonWords } from '../../../words/english/common';
import { settlingWords } from '../../../words/english/settling';
import { formatDayTime, formatWeekTime } from '../../../format/dates';

const ClearedChart = lazyPart(
  () => import('./ClearedChart'),
  (module) => module.ClearedChart,
);

const HOUR_MS = 3_600_000;

/** What schools do: compared by what comes of it. */
const SCHOOLS: readonly { name: string; hours: number }[] = [
  { name: settlingWords.sameDay(), hours: 5 },
  { name: settlingWords.overnight(), hours: 14 },
  { name: settlingWords.aDay(), hours: 24 },
  { name: settlingWords.twoDays(), hours: 48 },
  { name: settlingWords.aWeek(), hours: 168 },
];

const percent = (share: number): string => `${Math.round(100 * share)} %`;

function rowOf(name: string, { matter }: SettlingMoment): string[] {
  const { bubbles, wax } = matter;
  return [
    name,
    settlingWords.allOverM({ share: percent(bubbles.share), fromUm: Math.round(bubbles.fromUm) }),
    settlingWords.allOverM({ share: percent(wax.share), fromUm: Math.round(wax.fromUm) }),
  ];
}

/** Skims the vessel, with what came off where it was weighed. */
function SkimForm({ settling }: { settling: SettlingRecord }): ReactElement {
  const dispatch = useAppDispatch();
  const unit = unitOf('mass', useAppSelector(selectPreferences));
  const keep = async (kg: number | null, options: ActOptions): Promise<boolean> =>
    (await dispatch(skim(settling, kg, options))).ok;
  const wrongWith = (kg: number): string =>
    kg >= 0 && kg <= 100 ? '' : settlingWords.aSkimWeighsTo();
  return (
    <OneMassForm
      formKey={`skim:${settling.entityId}`}
      label={settlingWords.cameOffIfWeighed({ name: unit.name })}
      button={settlingWords.skimmedNow()}
      tone="ink"
      optional
      wrongWith={wrongWith}
      onKeep={keep}
    />
  );
}

interface SettlingViewProps {
  file: LotFile;
  settling: SettlingRecord;
  nowMs: number;
  onEdit: () => void;
}

function useSkimTimes({ settling, nowMs }: SettlingViewProps) {
  const { content } = settling;
  return useMemo(() => {
    const task = settlingTask(content);
    const plan = skimPlan(task);
    const next = nextSkim(content, plan);
    const hours = (nowMs - Date.parse(content.filledAt)) / HOUR_MS;
    const [now] = settlingCourse(task, [Math.max(0, hours)]);
    return { task, plan, next, hours, now: now! };
  }, [content, nowMs]);
}

/** One vessel: when to skim it, what has cleared, and how schools compare. */
export function SettlingView(props: SettlingViewProps): ReactElement {
  const { file, settling, nowMs, onEdit } = props;
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { content } = settling;
  const { task, plan, next, hours, now } = useSkimTimes(props);
  const isSettling = content.endedAt === null;
  const second = Number.isFinite(plan.secondHours) ? plan.secondHours : 300;
  const drawn = 24 * Math.min(21, Math.max(2, Math.ceil((1.3 * second) / 24)));
  const rows = useMemo(
    () =>
      settlingCourse(
        task,
        SCHOOLS.map((school) => school.hours),
      ).map((moment, at) => rowOf(SCHOOLS[at]!.name, moment)),
    [task],
  );
  const saving = useSaving();
  const save = async (): Promise<void> => {
    if (!next) return;
    const { calendarText } = await import('../../../format/calendarText');
    const entry = {
      id: `skim ${settling.entityId} ${next.which}`,
      title: settlingWords.skim({
        name: content.name,
        name2: file.lot.content.name || file.lot.content.code,
      }),
      about: settlingWords.liftOffTheFilmWith(),
      atMs: Math.max(nowMs, next.atMs),
      hours: 0.5,
    };
    saveFile('skim.ics', calendarText([entry]), 'text/calendar');
  };
  const end = (): void => void dispatch(endSettling(settling));
  return (
    <article aria-label={content.name} className="border-t-2 border-ink pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl font-bold">{content.name}</h2>
        <Button tone="quiet" onClick={onEdit}>
          {commonWords.change()}
          <span className="sr-only"> {content.name}</span>
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 wide:grid-cols-2">
        <div className="space-y-4">
          <div className="border-l-8 border-lavender pl-4">
            <p className="text-xl">
              {!isSettling
                ? settlingWords.noLongerSettling()
                : next
                  ? next.which === 'first'
                    ? settlingWords.skimIt()
                    : settlingWords.skimItAgain()
                  : settlingWords.skimmedTwiceBottleIt()}
            </p>
            {isSettling && next && (
              <p role="status" className="text-5xl leading-tight font-bold">
                {next.atMs <= nowMs ? commonWords.now() : formatWeekTime(next.atMs)}
              </p>
            )}
            <p className="mt-1 text-lg">
              {isSettling
                ? settlingWords.afterOfTheBubblesAnd({
                    spanText: spanText(Math.max(0, hours)),
                    share: percent(now.matter.bubbles.share),
                    share2: percent(now.matter.wax.share),
                    temperatureC: formatQuantity(now.temperatureC, 'temperature', preferences, 0),
                  })
                : settlingWords.itStoodUntil({
                    endedAt: content.endedAt ? formatDayTime(content.endedAt) : '',
                  })}
            </p>
            {!Number.isFinite(plan.firstHours) && (
              <p className="text-lg font-bold">{settlingWords.soColdAndThickIt()}</p>
            )}
          </div>
          {isSettling && (
            <>
              {next && <SkimForm settling={settling} />}
              <div className="flex flex-wrap gap-3">
                {next && (
                  <Button onClick={() => saving(save)}>
                    <CalendarPlus aria-hidden className="size-5" />{' '}
                    {settlingWords.addToMyCalendar()}
                  </Button>
                )}
                <Button onClick={end}>{settlingWords.noLongerSettling()}</Button>
              </div>
            </>
          )}
          {content.skims.length > 0 && (
            <ul className="text-lg">
              {content.skims.map((done) => (
                <li key={done.at}>
                  {settlingWords.skimmedAt({ at: formatWeekTime(done.at) })}
                  {done.kg !== null && `: ${formatQuantity(done.kg, 'mass', preferences, 2)}`}
                </li>
              ))}
            </ul>
          )}
          <p className="text-base">
            {settlingWords.skimFirstOnceFourFifths({
              spanText: spanText(plan.firstHours),
              spanText2: spanText(plan.secondHours),
            })}
          </p>
        </div>
        <div className="space-y-4">
          <Suspense fallback={<Waiting />}>
            <ClearedChart
              task={task}
              hours={drawn}
              nowHours={isSettling && hours > 0 ? hours : null}
            />
          </Suspense>
          <PlainTable
            label={settlingWords.howLongStandsAndWhat({ name: content.name })}
            head={[settlingWords.stands(), settlingWords.bubblesUp(), settlingWords.waxUp()]}
            rows={rows}
          />
        </div>
      </div>
    </article>
  );
}
