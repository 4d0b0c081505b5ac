import { Suspense, useCallback, useMemo, type ReactElement } from 'react';
import { TOO_STIFF_BELOW_C, WAX_SOFTENS_C, meshEffect } from '../../../core';
import type { ExtractionFile } from '../../../model';
import { selectPreferences, useAppSelector } from '../../../store';
import { durationText } from '../../format/clock';
import { counted } from '../../format/counted';
import { formatQuantity, unitOf } from '../../format/units';
import { SheetSection } from '../../ui/page/SheetSection';
import { Waiting } from '../../ui/page/Waiting';
import { DayGate } from './parts/DayGate';
import { DayHeader } from './parts/DayHeader';
import { StrainerAdvice } from './parts/StrainerAdvice';
import { askedStrainer, type AskedStrainer } from './strainerQuestion';
import { lazyPart } from '../../ui/page/lazyPart';

const StrainingChart = lazyPart(
  () => import('./parts/StrainingChart'),
  (module) => module.StrainingChart,
);

const MESH_WORDS = {
  'pollen-stays':
    'Nearly all pollen is smaller than 100 µm and goes through this mesh: the honey keeps it.',
  'some-pollen':
    'Most pollen goes through this mesh, the largest grains may stay on it. Ask what your local rules call such honey.',
  'pollen-goes':
    'So fine a mesh may take pollen out. Rules of several places then call the honey “filtered”, and the label must say so: local rules decide.',
} as const;

/** Ling: a gel is not strained. */
function HeatherPath(): ReactElement {
  return (
    <div className="mt-5 max-w-3xl space-y-3 border-l-8 border-lavender pl-4 text-xl">
      <p className="text-3xl font-bold">Ling honey is not strained like other honey.</p>
      <p>
        It stands as a gel until it is stirred, so no time can be told for a mesh. Loosen the gel in
        the cells with needles before spinning, or cut the comb out and press it through a cloth.
      </p>
      <p>
        Once loosened it sets again: take it through a coarse mesh of 1,000 µm and more at once, and
        do not wait for it to settle. Bubbles stay in it; that is usual.
      </p>
      <p>Warming does not help as it does with other honey, and costs as much.</p>
    </div>
  );
}

function Calibration({ asked }: { asked: AskedStrainer }): ReactElement {
  const { calibrated } = asked;
  if (!calibrated) {
    return (
      <p className="text-lg">
        Reckoned from the mesh alone, which is easily wrong by half. Open the gate on a pail with a
        clean mesh, read the pail once or twice, and this strainer is known.
      </p>
    );
  }
  const { flowFactor, clogFactor } = calibrated.strainer;
  return (
    <p className="text-lg">
      By the pails that were read this strainer lets{' '}
      <strong>{Math.round(100 * flowFactor)} %</strong> of the reckoned flow through (±{' '}
      {Math.round(200 * calibrated.flowSpread)} %) and clogs {clogFactor.toFixed(1)} times as fast
      as usual.
    </p>
  );
}

function temperatureCaution(celsius: number): string | null {
  if (celsius > WAX_SOFTENS_C) {
    return 'Wax is soft at this temperature and blinds the mesh: it will run slower than it says here.';
  }
  return celsius < TOO_STIFF_BELOW_C
    ? 'Under about 15 °C honey hardly goes through a mesh: warm it first.'
    : null;
}

function Strained({ file }: { file: ExtractionFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const asked = useMemo(() => askedStrainer(file), [file]);
  const unit = unitOf('mass', preferences);
  const { content } = file.extraction;
  const fromKg = useCallback((value: number) => unit.fromBase(value), [unit]);
  const finest = Math.min(...content.strainer.meshes.map((one) => one.openingUm));
  const caution = temperatureCaution(content.temperatureC);
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 0);
  return (
    <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
      <div className="space-y-8">
        <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
          <p className="text-xl">
            {kg(asked.task.kg * content.strainer.count)} through{' '}
            {content.strainer.count > 1
              ? `${content.strainer.count} strainers`
              : content.strainer.meshes.map((one) => `${one.openingUm} µm`).join(', then ')}
          </p>
          <p role="status" className="text-6xl leading-none font-bold">
            {durationText(asked.minutes)}
          </p>
          <p className="mt-2 text-xl">
            scraped {counted(asked.scrapes, 'time')}, every {kg(asked.kgPerScrape)}; clean, it lets{' '}
            {kg(asked.cleanKgPerHour)} an hour through at{' '}
            {formatQuantity(content.temperatureC, 'temperature', preferences, 0)} and{' '}
            {content.moisturePercent} % water
          </p>
          {caution && <p className="mt-2 text-lg font-bold">{caution}</p>}
        </section>
        <Suspense fallback={<Waiting />}>
          <StrainingChart lines={asked.lines} unit={unit.name} fromKg={fromKg} />
        </Suspense>
        <SheetSection id="calibration" title="How well it is known">
          <Calibration asked={asked} />
        </SheetSection>
      </div>
      <div className="space-y-8">
        <StrainerAdvice asked={asked} />
        <SheetSection id="mesh" title="What the mesh does to pollen">
          <p className="text-lg">{MESH_WORDS[meshEffect(finest)]}</p>
        </SheetSection>
        <SheetSection id="school" title="In which order">
          <p className="text-lg">
            Strain coarse first, let it stand overnight, skim, then strain fine: a night brings up{' '}
            {Math.round(100 * asked.nightShare)} % of the wax, which then never comes to the fine
            mesh. Cover it: open honey takes up water from damp air.
          </p>
        </SheetSection>
      </div>
    </div>
  );
}

function StrainerView({ file }: { file: ExtractionFile }): ReactElement {
  return (
    <>
      <DayHeader file={file} at="/strainer" />
      {file.extraction.content.honeyKind === 'heather' ? <HeatherPath /> : <Strained file={file} />}
    </>
  );
}

/** The strainer of a day: how long it takes, what it does, and what would make it faster. */
export function StrainerScreen(): ReactElement {
  return <DayGate View={StrainerView} />;
}
