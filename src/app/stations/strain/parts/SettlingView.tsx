import { format } from 'date-fns';
import { CalendarPlus } from 'lucide-react';
import { Suspense, useMemo, type ReactElement } from 'react';
import { settlingCourse, skimPlan, type SettlingMoment } from '../../../../core';
import { nextSkim, settlingTask, type LotFile } from '../../../../model';
import { nextRevision, type SettlingRecord } from '../../../../records';
import {
  perform,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../../store';
import { spanText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { OneNumberForm } from '../../../ui/forms/OneNumberForm';
import { PlainTable } from '../../../ui/PlainTable';
import { Waiting } from '../../../ui/page/Waiting';
import { saveFile } from '../../../ui/saveFile';
import { useSaving } from '../../../ui/forms/useSaving';
import { lazyPart } from '../../../ui/page/lazyPart';

const ClearedChart = lazyPart(
  () => import('./ClearedChart'),
  (module) => module.ClearedChart,
);

const HOUR_MS = 3_600_000;

/** What schools do: compared by what comes of it. */
const SCHOOLS: readonly { name: string; hours: number }[] = [
  { name: 'Same day', hours: 5 },
  { name: 'Overnight', hours: 14 },
  { name: 'A day', hours: 24 },
  { name: 'Two days', hours: 48 },
  { name: 'A week', hours: 168 },
];

const percent = (share: number): string => `${Math.round(100 * share)} %`;

function rowOf(name: string, { matter }: SettlingMoment): string[] {
  const { bubbles, wax } = matter;
  return [
    name,
    `${percent(bubbles.share)}, all over ${Math.round(bubbles.fromUm)} µm`,
    `${percent(wax.share)}, all over ${Math.round(wax.fromUm)} µm`,
  ];
}

/** Skims the vessel, with what came off where it was weighed. */
function SkimForm({ settling }: { settling: SettlingRecord }): ReactElement {
  const dispatch = useAppDispatch();
  const unit = unitOf('mass', useAppSelector(selectPreferences));
  const keep = async (value: number | null, options: ActOptions): Promise<boolean> => {
    const done = await dispatch(
      perform(
        'Skimmed',
        (scribe) => {
          const skim = { at: scribe.now(), kg: value === null ? null : unit.toBase(value) };
          const content = { ...settling.content, skims: [...settling.content.skims, skim] };
          return [nextRevision(scribe, settling, { content, reason: 'Skimmed' })];
        },
        options,
      ),
    );
    return done.ok;
  };
  const wrongWith = (value: number): string => {
    const kg = unit.toBase(value);
    return kg >= 0 && kg <= 100 ? '' : 'A skim weighs 0 to 100 kg.';
  };
  return (
    <OneNumberForm
      formKey={`skim:${settling.entityId}`}
      label={`Came off [${unit.name}], if weighed`}
      button="Skimmed now"
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
  const isStanding = content.endedAt === null;
  const second = Number.isFinite(plan.secondHours) ? plan.secondHours : 300;
  const drawn = 24 * Math.min(21, Math.max(2, Math.ceil((1.3 * second) / 24)));
  const rows = useMemo(
    () =>
      settlingCourse(
        task,
        SCHOOLS.map((one) => one.hours),
      ).map((moment, at) => rowOf(SCHOOLS[at]!.name, moment)),
    [task],
  );
  const saving = useSaving();
  const save = async (): Promise<void> => {
    if (!next) return;
    const { calendarText } = await import('../../../format/calendarText');
    const entry = {
      id: `skim ${settling.entityId} ${next.which}`,
      title: `Skim ${content.name}, ${file.lot.content.name || file.lot.content.code}`,
      about: 'Lift the film off with the foam in it; cover it again at once.',
      atMs: Math.max(nowMs, next.atMs),
      hours: 0.5,
    };
    saveFile('skim.ics', calendarText([entry]), 'text/calendar');
  };
  const end = (): void =>
    void dispatch(
      perform('It stands no longer', (scribe) => [
        nextRevision(scribe, settling, {
          content: { ...content, endedAt: scribe.now() },
          reason: 'Emptied or filled on',
        }),
      ]),
    );
  return (
    <article aria-label={content.name} className="border-t-2 border-ink pt-3">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-2xl font-bold">{content.name}</h2>
        <Button tone="quiet" onClick={onEdit}>
          Change<span className="sr-only"> {content.name}</span>
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 wide:grid-cols-2">
        <div className="space-y-4">
          <div className="border-l-8 border-lavender pl-4">
            <p className="text-xl">
              {!isStanding
                ? 'It stands no longer'
                : next
                  ? next.which === 'first'
                    ? 'Skim it'
                    : 'Skim it again'
                  : 'Skimmed twice: bottle it'}
            </p>
            {isStanding && next && (
              <p role="status" className="text-5xl leading-tight font-bold">
                {next.atMs <= nowMs ? 'now' : format(next.atMs, 'EEE d MMM, HH:mm')}
              </p>
            )}
            <p className="mt-1 text-lg">
              {isStanding
                ? `After ${spanText(Math.max(0, hours))}: ${percent(now.matter.bubbles.share)} of the bubbles and ${percent(now.matter.wax.share)} of the wax are up; it has ${formatQuantity(now.temperatureC, 'temperature', preferences, 0)}.`
                : `It stood until ${content.endedAt ? format(content.endedAt, 'd MMM, HH:mm') : ''}.`}
            </p>
            {!Number.isFinite(plan.firstHours) && (
              <p className="text-lg font-bold">
                So cold and thick it does not clear within half a year: warm the room.
              </p>
            )}
          </div>
          {isStanding && (
            <>
              {next && <SkimForm settling={settling} />}
              <div className="flex flex-wrap gap-3">
                {next && (
                  <Button onClick={() => saving(save)}>
                    <CalendarPlus aria-hidden className="size-5" /> For the calendar
                  </Button>
                )}
                <Button onClick={end}>It stands no longer</Button>
              </div>
            </>
          )}
          {content.skims.length > 0 && (
            <ul className="text-lg">
              {content.skims.map((one) => (
                <li key={one.at}>
                  Skimmed {format(one.at, 'EEE d MMM, HH:mm')}
                  {one.kg !== null && `: ${formatQuantity(one.kg, 'mass', preferences, 2)}`}
                </li>
              ))}
            </ul>
          )}
          <p className="text-base">
            First skim once four fifths of the bubbles are up, after {spanText(plan.firstHours)};
            the second once another day brings less than 5 % of the wax, after{' '}
            {spanText(plan.secondHours)}. Sizes of wax and bubbles are assumed, not measured.
          </p>
        </div>
        <div className="space-y-4">
          <Suspense fallback={<Waiting />}>
            <ClearedChart
              task={task}
              hours={drawn}
              nowHours={isStanding && hours > 0 ? hours : null}
            />
          </Suspense>
          <PlainTable
            label={`How long ${content.name} stands, and what comes of it`}
            head={['Stands', 'Bubbles up', 'Wax up']}
            rows={rows}
          />
        </div>
      </div>
    </article>
  );
}
