import { useMemo, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { extractWithinHours, openHoneyCourse, type Air, type OpenHoneyCourse } from '../../../core';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { useDraftForm } from '../../forms/useDraftForm';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import {
  STANDING_KINDS,
  freshOpenHoney,
  readOpenHoneyForm,
  openHoneyEntry,
  type Standing,
  type OpenHoneyForm,
  type OpenHoneyKind,
} from '../../forms/room/openHoneyForm';
import { formatPercent } from '../../format/moisture';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { PageLink } from '../../ui/page/PageLink';
import { PlainTable } from '../../ui/PlainTable';
import { BUTTON_BASE, BUTTON_TONES } from '../../ui/classes';
import { inUnits, smallMass } from '../../words/keepersUnits';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';

const KIND_NAMES: Readonly<Record<OpenHoneyKind, string>> = {
  combs: roomWords.combsInAShed(),
  pail: roomWords.openPailOrStrainer(),
  tray: roomWords.spreadOutToDry(),
};

const CAUTIONS: Readonly<Record<OpenHoneyKind, string>> = {
  combs: roomWords.coverThemBeesAndBeetles(),
  pail: roomWords.putTheLidOnIn(),
  get tray() {
    return roomWords.keepItBelowCWarmth();
  },
};

function OpenHoneyFields({ kind }: { kind: OpenHoneyKind }): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field of={openHoneyEntry} at="massKg" />
      {kind === 'combs' ? (
        <Field of={openHoneyEntry} at="openShare" />
      ) : (
        <Field of={openHoneyEntry} at="areaDm2" />
      )}
      <Field
        of={openHoneyEntry}
        at="moisturePercent"
        label={kind === 'combs' ? roomWords.waterInOpenCells() : commonWords.waterContent()}
      />
      {kind === 'combs' && <Field of={openHoneyEntry} at="cappedPercent" />}
      {kind === 'tray' && <Field of={openHoneyEntry} at="stirredEveryHours" />}
      <Fields of={openHoneyEntry} at={['airC', 'relativeHumidity', 'honeyC', 'hours']} />
    </div>
  );
}

/** Hours at which the course is told. */
const STEPS_SHOWN = 6;

function Course({
  course,
  openHoney,
}: {
  course: OpenHoneyCourse;
  openHoney: Standing;
}): ReactElement {
  const { hours, meanPercent, surfacePercent, gainedKg } = course;
  const last = hours.length - 1;
  const [first, end] = [meanPercent[0] ?? 0, meanPercent[last] ?? 0];
  const picked = [
    ...new Set(
      Array.from({ length: STEPS_SHOWN + 1 }, (_, at) => Math.round((at * last) / STEPS_SHOWN)),
    ),
  ];
  const change = end - first;
  return (
    <section aria-label={roomWords.whatHappens()} className="space-y-3">
      <p role="status" className="text-4xl leading-tight font-bold">
        {formatPercent(first)} → {formatPercent(end)} %
      </p>
      <p className="text-xl">
        {roomWords.itsSurfaceReaches({
          part:
            Math.abs(change) < 0.05
              ? roomWords.itHardlyChanges()
              : change > 0
                ? roomWords.itTakesUpWater({ mass: smallMass(gainedKg) })
                : roomWords.itLosesWater({ mass: smallMass(-gainedKg) }),
          surfacePercent: formatPercent(surfacePercent[last] ?? 0),
        })}
      </p>
      {openHoney.depthMm !== null && (
        <p className="text-base">
          {roomWords.itStandsDeep({ depth: inUnits(openHoney.depthMm / 10, 'length') })}
        </p>
      )}
      <PlainTable
        label={roomWords.hourByHour()}
        head={[roomWords.after(), commonWords.mean(), roomWords.surface()]}
        rows={picked.map((at) => [
          `${(hours[at] ?? 0).toFixed(0)} h`,
          `${formatPercent(meanPercent[at] ?? 0)} %`,
          `${formatPercent(surfacePercent[at] ?? 0)} %`,
        ])}
      />
    </section>
  );
}

function OpenHoneyView({ kind }: { kind: OpenHoneyKind }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => freshOpenHoney(kind, preferences), [kind, preferences]);
  const { form, parsed, start } = useDraftForm({
    formKey: `standing:${kind}`,
    defaults,
    parse: (typed: OpenHoneyForm) => readOpenHoneyForm(typed, preferences),
  });
  const openHoney = parsed.ok ? parsed.content : null;
  const key = JSON.stringify(openHoney);
  const course = useMemo(() => {
    const task = JSON.parse(key) as Standing | null;
    return task && openHoneyCourse(task);
  }, [key]);
  return (
    <FormFrame
      form={form}
      live={parsed.ok ? {} : parsed.errors}
      onSubmit={() => undefined}
      label={KIND_NAMES[kind]}
    >
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-5">
          <OpenHoneyFields kind={kind} />
          <Button onClick={() => start(defaults)}>{roomWords.usualValues()}</Button>
        </div>
        <div className="order-first space-y-5 wide:order-none">
          {course && openHoney ? (
            <Course course={course} openHoney={openHoney} />
          ) : (
            <p className="text-xl">{roomWords.correctWhatIsMarkedAnd()}</p>
          )}
          <p className="border-l-8 border-ink pl-3 text-lg">{CAUTIONS[kind]}</p>
          {kind === 'combs' && openHoney && <BeetleClock air={openHoney.air} />}
        </div>
      </div>
    </FormFrame>
  );
}

function BeetleClock({ air }: { air: Air }): ReactElement {
  return (
    <p className="text-lg">
      {roomWords.ifAdultBeetlesWereSeen()}{' '}
      <strong>
        {roomWords.hours({
          extractWithinHours: extractWithinHours(air.temperatureC, air.relativeHumidity),
        })}
      </strong>{' '}
      {roomWords.inSuchAir()}
    </p>
  );
}

/** Honey that waits or dries outside a warm room: what the air does to it by then. */
export function OpenHoneyScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { kind: asked } = useParams();
  const kind = STANDING_KINDS.find((standingKind) => standingKind === asked) ?? 'combs';
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">{roomWords.waitingOrDryingAnotherWay()}</h1>
        <PageLink to="warm-room">{roomWords.allRooms()}</PageLink>
      </header>
      <nav aria-label={roomWords.whatStands()} className="mt-4 flex flex-wrap gap-2">
        {STANDING_KINDS.map((standingKind) => (
          <Link
            key={standingKind}
            to={`/${workspace}/warm-room/standing/${standingKind}`}
            aria-current={standingKind === kind ? 'page' : undefined}
            className={`${BUTTON_BASE} ${BUTTON_TONES[standingKind === kind ? 'ink' : 'line']} min-h-14`}
          >
            {KIND_NAMES[standingKind]}
          </Link>
        ))}
      </nav>
      <OpenHoneyView key={kind} kind={kind} />
    </>
  );
}
