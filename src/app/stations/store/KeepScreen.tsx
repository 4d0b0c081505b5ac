import { useMemo, useState, type ReactElement } from 'react';
import {
  KEPT_AS,
  STORE_PLACES,
  STORE_TEMPERATURES,
  densityMoisture,
  type KeptAs,
  type StorageForecast,
  type StorePlace,
  type YearlyTemperature,
  CONFORMS_FROM,
  guardOf,
} from '../../../core';
import { contentsOf, storedVessels, type LotFile } from '../../../model';
import { selectPreferences, useAppSelector } from '../../../store';
import {
  bestBeforeOf,
  keepingAt,
  keepingBasis,
  standingYears,
  worstKeeping,
  type KeepingBasis,
} from '../../../model/store/keeping';
import { useNow } from '../../data/useNow';
import { dayAfterMonths, formatDay, isoDay } from '../../format/dates';
import { KEPT_NAMES, PLACE_NAMES, RISK_NAMES } from '../../words/storeWords';
import { formatQuantity } from '../../format/units';
import { LotGate } from '../../lot/LotGate';
import { LotTitle } from '../../lot/LotTitle';
import { useAnswer } from '../../lot/useLot';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { KeepingChart } from './parts/KeepingChart';
import { PickRow } from './parts/PickRow';
import { useWorkshop } from '../../data/useWorkspaceModel';

type Place = StorePlace | 'own';

const HOUR_MS = 3_600_000;

const REASONS: Readonly<Record<StorageForecast['checkReason'], string>> = {
  class: 'the time that its class of fermentation allows',
  rising: 'before its risk rises, as crystals leave the liquid part wetter',
  longest: 'no honey is left unlooked at for longer than a year',
};

function Answer({ forecast, nowMs }: { forecast: StorageForecast; nowMs: number }): ReactElement {
  const now = forecast.months[0];
  const by = dayAfterMonths(isoDay(new Date(nowMs)), forecast.checkMonths);
  return (
    <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
      <p className="text-xl">Look at it again by</p>
      <p role="status" className="text-6xl leading-tight font-extrabold">
        {formatDay(by)}
      </p>
      <p className="mt-1 text-xl">
        Now <strong>{RISK_NAMES[now?.risk ?? 'watch']}</strong>, at worst{' '}
        <strong>{RISK_NAMES[forecast.worst]}</strong> within 24 months. The day:{' '}
        {REASONS[forecast.checkReason]}.
      </p>
      <p className="mt-1 text-base">
        A class, not a rate: it says when to look, never until when honey is safe.
      </p>
    </section>
  );
}

interface CompareProps {
  file: LotFile;
  basis: KeepingBasis;
  places: readonly {
    readonly id: Place;
    readonly name: string;
    readonly year: YearlyTemperature;
  }[];
  nowMs: number;
}

/** Places beside one another, and keeping liquid beside creaming. */
function Compare({ file, basis, places, nowMs }: CompareProps): ReactElement {
  const { around } = useWorkshop();
  const preferences = useAppSelector(selectPreferences);
  const { hemisphere } = preferences;
  const today = isoDay(new Date(nowMs));
  const rows = places.map(({ name, year }) => {
    const forecast = keepingAt(basis, year, { nowMs, hemisphere });
    const last = forecast.months.at(-1);
    const { checkMonths } = forecast;
    const best = bestBeforeOf(file, { around, year, checkMonths, hemisphere });
    return [
      name,
      formatQuantity(year.meanC, 'temperature', preferences, 0),
      RISK_NAMES[forecast.worst],
      `${Math.round(100 * (last?.crystallisedShare ?? 0))} %`,
      formatDay(dayAfterMonths(today, checkMonths)),
      best ? `${best.days} days${best.reason === 'heat' ? ', by warmth' : ''}` : '',
    ];
  });
  return (
    <PlainTable
      label="Each place, how it keeps"
      head={[
        'Place',
        'Mean',
        'At worst',
        'Glucose set after 24 months',
        'Look again by',
        'Best before, proposed',
      ]}
      rows={rows}
    />
  );
}

function Rests({ basis }: { basis: KeepingBasis }): ReactElement {
  return (
    <SheetSection id="rests" title="What this rests on">
      <ul className="list-disc space-y-1 pl-5 text-lg">
        <li>
          Water {basis.moisture.mean.toFixed(1)} %, judged by its upper end of{' '}
          {(basis.moisture.mean + guardOf(basis.moisture, CONFORMS_FROM)).toFixed(1)} %.
        </li>
        <li>
          Glucose {basis.glucosePercent.toFixed(0)} %
          {basis.glucoseMeasured
            ? ', from the laboratory'
            : ', as is usual; a laboratory would tell'}
          : sets {{ slow: 'slowly', medium: 'at a middling pace', fast: 'fast' }[basis.tendency]}{' '}
          (White 1962, recalled from memory; the pace month by month is assumed, no source).
        </li>
        <li>
          {basis.yeastPerG === null
            ? 'Yeast not counted: taken as the worst.'
            : `${basis.yeastPerG} yeast cells per gram counted.`}
        </li>
        <li>
          Classes by Lochhead (1933), temperatures by Wilson and Marvin (1932), recalled from
          memory.
        </li>
        <li>
          Warmth is no protection: above 27 °C yeast grows less, and honey loses enzymes and aroma.
        </li>
      </ul>
    </SheetSection>
  );
}

function KeepView({ file }: { file: LotFile }): ReactElement {
  const contents = useMemo(() => contentsOf(file), [file]);
  const { evidence, ruling } = useAnswer(contents, file.lot.entityId);
  const nowMs = useNow(HOUR_MS);
  const { hemisphere } = useAppSelector(selectPreferences);
  const { poured } = useWorkshop().around;
  const [keptAs, setKeptAs] = useState<KeptAs>('as-it-goes');
  const basis = useMemo(() => keepingBasis(evidence, ruling), [evidence, ruling]);
  const own = useMemo(() => {
    const vessels = storedVessels(file, densityMoisture(ruling.belief.mean), poured);
    return (
      worstKeeping(basis, standingYears(file.lot, vessels), { nowMs, hemisphere })?.year ?? null
    );
  }, [file, ruling, poured, basis, nowMs, hemisphere]);
  const [picked, setPlace] = useState<Place | null>(null);
  const place = picked ?? (own ? 'own' : 'shelf');
  const places = [
    ...(own ? [{ id: 'own' as const, name: 'Where it stands', year: own }] : []),
    ...STORE_PLACES.map((id) => ({ id, name: PLACE_NAMES[id], year: STORE_TEMPERATURES[id] })),
  ];
  const year = places.find((one) => one.id === place)?.year ?? STORE_TEMPERATURES.shelf;
  const forecast = keepingAt(basis, year, { nowMs, hemisphere, keptAs });
  return (
    <>
      <div className="pt-5">
        <LotTitle file={file} station="Store: how it keeps" />
      </div>
      <div className="mt-5 space-y-8">
        <Answer forecast={forecast} nowMs={nowMs} />
        <div className="flex flex-wrap gap-x-10 gap-y-4">
          <PickRow
            label="Kept in"
            value={place}
            options={places.map((one) => ({ value: one.id, label: one.name }))}
            onPick={setPlace}
          />
          <PickRow
            label="Kept"
            value={keptAs}
            options={KEPT_AS.map((value) => ({ value, label: KEPT_NAMES[value] }))}
            onPick={setKeptAs}
          />
        </div>
        <KeepingChart forecast={forecast} limitPercent={ruling.limitPercent} nowMs={nowMs} />
        <SheetSection id="compare" title="Places compared">
          <Compare file={file} basis={basis} places={places} nowMs={nowMs} />
        </SheetSection>
        <Rests basis={basis} />
      </div>
    </>
  );
}

/** How a lot keeps: risk of fermentation over two years of storage, by place and state. */
export function KeepScreen(): ReactElement {
  return <LotGate View={KeepView} />;
}
