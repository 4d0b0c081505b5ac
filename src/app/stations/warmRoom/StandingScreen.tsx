import { useMemo, type ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { extractWithinHours, standingCourse, type Air, type StandingCourse } from '../../../core';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { useDraftForm } from '../../forms/useDraftForm';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import {
  STANDING_KINDS,
  freshStanding,
  readStandingForm,
  standingEntry,
  type Standing,
  type StandingForm,
  type StandingKind,
} from '../../forms/room/standingForm';
import { formatPercent } from '../../format/moisture';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { PageLink } from '../../ui/page/PageLink';
import { PlainTable } from '../../ui/PlainTable';
import { BUTTON_BASE, BUTTON_TONES } from '../../ui/classes';

const KIND_NAMES: Readonly<Record<StandingKind, string>> = {
  combs: 'Combs in a shed',
  pail: 'Open pail or strainer',
  tray: 'Spread out to dry',
};

const CAUTIONS: Readonly<Record<StandingKind, string>> = {
  combs: 'Cover them; bees and beetles find open combs first.',
  pail: 'Put the lid on: an open pail in damp air is wetter on top by morning, where fermentation starts.',
  tray: 'Keep it under 35 °C: warmth spends quality faster than it dries. Stir gently, without drawing in air, with dry tools; cover it from dust and flies.',
};

function StandingFields({ kind }: { kind: StandingKind }): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field of={standingEntry} at="massKg" />
      {kind === 'combs' ? (
        <Field of={standingEntry} at="openShare" />
      ) : (
        <Field of={standingEntry} at="areaDm2" />
      )}
      <Field
        of={standingEntry}
        at="moisturePercent"
        label={kind === 'combs' ? 'Water in open cells' : 'Its water'}
      />
      {kind === 'combs' && <Field of={standingEntry} at="cappedPercent" />}
      {kind === 'tray' && <Field of={standingEntry} at="stirredEveryHours" />}
      <Fields of={standingEntry} at={['airC', 'relativeHumidity', 'honeyC', 'hours']} />
    </div>
  );
}

/** Hours at which the course is told. */
const TOLD = 6;

function Course({
  course,
  standing,
}: {
  course: StandingCourse;
  standing: Standing;
}): ReactElement {
  const { hours, meanPercent, surfacePercent, gainedKg } = course;
  const last = hours.length - 1;
  const [first, end] = [meanPercent[0] ?? 0, meanPercent[last] ?? 0];
  const picked = [
    ...new Set(Array.from({ length: TOLD + 1 }, (_, at) => Math.round((at * last) / TOLD))),
  ];
  const change = end - first;
  return (
    <section aria-label="What it comes to" className="space-y-3">
      <p role="status" className="text-4xl leading-tight font-bold">
        {formatPercent(first)} → {formatPercent(end)} %
      </p>
      <p className="text-xl">
        {Math.abs(change) < 0.05
          ? 'It hardly changes'
          : change > 0
            ? `It takes up ${(1000 * gainedKg).toFixed(0)} g of water`
            : `It loses ${(1000 * -gainedKg).toFixed(0)} g of water`}
        ; its surface comes to {formatPercent(surfacePercent[last] ?? 0)} %.
      </p>
      {standing.depthMm !== null && (
        <p className="text-base">It stands {standing.depthMm.toFixed(0)} mm deep.</p>
      )}
      <PlainTable
        label="Hour by hour"
        head={['After', 'Mean', 'Surface']}
        rows={picked.map((at) => [
          `${(hours[at] ?? 0).toFixed(0)} h`,
          `${formatPercent(meanPercent[at] ?? 0)} %`,
          `${formatPercent(surfacePercent[at] ?? 0)} %`,
        ])}
      />
    </section>
  );
}

function StandingView({ kind }: { kind: StandingKind }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => freshStanding(kind, preferences), [kind, preferences]);
  const { form, parsed, start } = useDraftForm({
    formKey: `standing:${kind}`,
    defaults,
    parse: (typed: StandingForm) => readStandingForm(typed, preferences),
  });
  const standing = parsed.ok ? parsed.content : null;
  const key = JSON.stringify(standing);
  const course = useMemo(() => {
    const task = JSON.parse(key) as Standing | null;
    return task && standingCourse(task);
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
          <StandingFields kind={kind} />
          <Button onClick={() => start(defaults)}>As it usually is</Button>
        </div>
        <div className="order-first space-y-5 wide:order-none">
          {course && standing ? (
            <Course course={course} standing={standing} />
          ) : (
            <p className="text-xl">Put right what is marked, and the answer stands here.</p>
          )}
          <p className="border-l-8 border-ink pl-3 text-lg">{CAUTIONS[kind]}</p>
          {kind === 'combs' && standing && <BeetleClock air={standing.air} />}
        </div>
      </div>
    </FormFrame>
  );
}

function BeetleClock({ air }: { air: Air }): ReactElement {
  return (
    <p className="text-lg">
      Were adult beetles seen, extract within{' '}
      <strong>{extractWithinHours(air.temperatureC, air.relativeHumidity)} hours</strong> in such
      air.
    </p>
  );
}

/** Honey that waits or dries outside a warm room: what the air does to it by then. */
export function StandingScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { kind: asked } = useParams();
  const kind = STANDING_KINDS.find((one) => one === asked) ?? 'combs';
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">Waiting, or drying otherwise</h1>
        <PageLink to="warm-room">All rooms</PageLink>
      </header>
      <nav aria-label="What stands" className="mt-4 flex flex-wrap gap-2">
        {STANDING_KINDS.map((one) => (
          <Link
            key={one}
            to={`/${workspace}/warm-room/standing/${one}`}
            aria-current={one === kind ? 'page' : undefined}
            className={`${BUTTON_BASE} ${BUTTON_TONES[one === kind ? 'ink' : 'line']} min-h-14`}
          >
            {KIND_NAMES[one]}
          </Link>
        ))}
      </nav>
      <StandingView key={kind} kind={kind} />
    </>
  );
}
