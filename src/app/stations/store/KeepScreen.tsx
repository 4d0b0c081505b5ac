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
  storedYears,
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
import { useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

type Place = StorePlace | 'own';

const HOUR_MS = 3_600_000;

const REASONS: Readonly<Record<StorageForecast['checkReason'], string>> = {
  class: storeWords.itMayStartToFerment(),
  rising: storeWords.beforeItsRiskRisesAs(),
  longest: storeWords.noHoneyGoesUncheckedFor(),
};

function Answer({ forecast, nowMs }: { forecast: StorageForecast; nowMs: number }): ReactElement {
  const now = forecast.months[0];
  const by = dayAfterMonths(isoDay(new Date(nowMs)), forecast.checkMonths);
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{storeWords.checkItAgainBy()}</p>
      <p role="status" className="text-6xl leading-tight font-extrabold">
        {formatDay(by)}
      </p>
      <p className="mt-1 text-xl">
        {storeWords.now()} <strong>{RISK_NAMES[now?.risk ?? 'watch']}</strong>
        {storeWords.atWorst()} <strong>{RISK_NAMES[forecast.worst]}</strong>{' '}
        {storeWords.withinMonthsTheDay({ reason: REASONS[forecast.checkReason] })}
      </p>
      <p className="mt-1 text-base">{storeWords.thisSaysWhenToCheck()}</p>
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
  const { related } = useLedger();
  const preferences = useAppSelector(selectPreferences);
  const { hemisphere } = preferences;
  const today = isoDay(new Date(nowMs));
  const rows = places.map(({ name, year }) => {
    const forecast = keepingAt(basis, year, { nowMs, hemisphere });
    const last = forecast.months.at(-1);
    const { checkMonths } = forecast;
    const best = bestBeforeOf(file, { related, year, checkMonths, hemisphere });
    return [
      name,
      formatQuantity(year.meanC, 'temperature', preferences, 0),
      RISK_NAMES[forecast.worst],
      `${Math.round(100 * (last?.crystallisedShare ?? 0))} %`,
      formatDay(dayAfterMonths(today, checkMonths)),
      best
        ? storeWords.days({
            days: best.days,
            part: best.reason === 'heat' ? storeWords.byWarmth() : '',
          })
        : '',
    ];
  });
  return (
    <PlainTable
      label={storeWords.howItKeepsInEach()}
      head={[
        storeWords.place(),
        commonWords.mean(),
        storeWords.atWorst2(),
        storeWords.glucoseSetAfterMonths(),
        storeWords.checkAgainBy(),
        storeWords.bestBeforeProposed(),
      ]}
      rows={rows}
    />
  );
}

function Rests({ basis }: { basis: KeepingBasis }): ReactElement {
  return (
    <SheetSection id="rests" title={storeWords.whatThisRestsOn()}>
      <ul className="list-disc space-y-1 pl-5 text-lg">
        <li>
          {storeWords.waterJudgedByItsUpper({
            mean: basis.moisture.mean.toFixed(1),
            mean2: (basis.moisture.mean + guardOf(basis.moisture, CONFORMS_FROM)).toFixed(1),
          })}
        </li>
        <li>
          {storeWords.glucoseSetsWhiteRecalledFrom({
            glucosePercent: basis.glucosePercent.toFixed(0),
            part: basis.glucoseMeasured
              ? storeWords.fromTheLaboratory()
              : storeWords.asIsUsualALaboratory(),
            value: {
              slow: storeWords.slowly(),
              medium: storeWords.atAMiddlingPace(),
              fast: storeWords.fast(),
            }[basis.tendency],
          })}
        </li>
        <li>
          {basis.yeastPerG === null
            ? storeWords.yeastNotCountedTheWorst()
            : storeWords.yeastCellsPerGramCounted({ yeastPerG: basis.yeastPerG })}
        </li>
        <li>{storeWords.classesByLochheadTemperaturesBy()}</li>
        <li>{storeWords.warmthIsNoProtectionAbove()}</li>
      </ul>
    </SheetSection>
  );
}

function KeepView({ file }: { file: LotFile }): ReactElement {
  const contents = useMemo(() => contentsOf(file), [file]);
  const { evidence, ruling } = useAnswer(contents, file.lot.entityId);
  const nowMs = useNow(HOUR_MS);
  const { hemisphere } = useAppSelector(selectPreferences);
  const { poured } = useLedger().related;
  const [keptAs, setKeptAs] = useState<KeptAs>('as-it-goes');
  const basis = useMemo(() => keepingBasis(evidence, ruling), [evidence, ruling]);
  const own = useMemo(() => {
    const vessels = storedVessels(file, densityMoisture(ruling.belief.mean), poured);
    return worstKeeping(basis, storedYears(file.lot, vessels), { nowMs, hemisphere })?.year ?? null;
  }, [file, ruling, poured, basis, nowMs, hemisphere]);
  const [picked, setPlace] = useState<Place | null>(null);
  const place = picked ?? (own ? 'own' : 'shelf');
  const places = [
    ...(own ? [{ id: 'own' as const, name: storeWords.whereItStands(), year: own }] : []),
    ...STORE_PLACES.map((id) => ({ id, name: PLACE_NAMES[id], year: STORE_TEMPERATURES[id] })),
  ];
  const year = places.find((one) => one.id === place)?.year ?? STORE_TEMPERATURES.shelf;
  const forecast = keepingAt(basis, year, { nowMs, hemisphere, keptAs });
  return (
    <>
      <div className="pt-5">
        <LotTitle file={file} station={storeWords.storeHowItKeeps()} />
      </div>
      <div className="mt-5 space-y-8">
        <Answer forecast={forecast} nowMs={nowMs} />
        <div className="flex flex-wrap gap-x-10 gap-y-4">
          <PickRow
            label={storeWords.keptIn()}
            value={place}
            options={places.map((one) => ({ value: one.id, label: one.name }))}
            onPick={setPlace}
          />
          <PickRow
            label={storeWords.kept()}
            value={keptAs}
            options={KEPT_AS.map((value) => ({ value, label: KEPT_NAMES[value] }))}
            onPick={setKeptAs}
          />
        </div>
        <KeepingChart forecast={forecast} limitPercent={ruling.limitPercent} nowMs={nowMs} />
        <SheetSection id="compare" title={storeWords.placesCompared()}>
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
