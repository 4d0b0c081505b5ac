import { type ReactElement } from 'react';
import { extractWithinHours, type Air, type OpenHoneyCourse } from '../../../../core';
import { type Standing } from '../../../forms/room/openHoneyForm';
import { formatPercent } from '../../../format/moisture';
import { PlainTable } from '../../../ui/PlainTable';
import { inUnits, smallMass } from '../../../words/keepersUnits';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

/** At how many hours the course is shown. */
const STEPS_SHOWN = 6;

/** What the air does to honey that stands open, hour by hour. */
export function OpenHoneyAnswer({
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

/** How soon combs must be extracted once adult beetles were seen. */
export function BeetleClock({ air }: { air: Air }): ReactElement {
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
