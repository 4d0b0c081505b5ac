import { Columns } from '../../../ui/page/Columns';
import type { ExtractionContent } from '../../../../records';
import { Suspense, useCallback, type ReactElement } from 'react';
import { TOO_STIFF_BELOW_C, WAX_SOFTENS_C, meshEffect } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { durationText } from '../../../format/clock';
import { formatQuantity, unitOf } from '../../../format/units';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Waiting } from '../../../ui/page/Waiting';
import { WaxThrough } from './WaxThrough';
import { StrainerAdvice } from './StrainerAdvice';
import { type AskedStrainer } from '../strainerQuestion';
import { lazyPart } from '../../../ui/page/lazyPart';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

const StrainingChart = lazyPart(
  () => import('./StrainingChart'),
  (module) => module.StrainingChart,
);

const MESH_WORDS = {
  'pollen-stays': lineWords.nearlyAllPollenIsSmaller(),
  'some-pollen': lineWords.mostPollenPassesThisMesh(),
  'pollen-goes': lineWords.aMeshThisFineMay(),
} as const;

function Calibration({ asked }: { asked: AskedStrainer }): ReactElement {
  const { calibrated } = asked;
  if (!calibrated) {
    return <p className="text-lg">{lineWords.estimatedFromTheMeshAlone()}</p>;
  }
  const { flowFactor, clogFactor } = calibrated.strainer;
  return (
    <p className="text-lg">
      {lineWords.byYourPailReadingsThis()} <strong>{Math.round(100 * flowFactor)} %</strong>{' '}
      {lineWords.ofTheEstimatedFlowThrough({
        flowSpread: Math.round(200 * calibrated.flowSpread),
        clogFactor: clogFactor.toFixed(1),
      })}
    </p>
  );
}

function temperatureCaution(celsius: number): string | null {
  if (celsius > WAX_SOFTENS_C) {
    return lineWords.waxIsSoftAtThis();
  }
  return celsius < TOO_STIFF_BELOW_C ? lineWords.belowAboutCHoneyHardly() : null;
}

interface StrainedPartProps {
  content: ExtractionContent;
  asked: AskedStrainer;
}

/** How long the strainer takes, what it holds back, and what would make it faster. */
export function StrainedPart({ content, asked }: StrainedPartProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const unit = unitOf('mass', preferences);
  const fromKg = useCallback((value: number) => unit.fromBase(value), [unit]);
  const finest = Math.min(...content.strainer.meshes.map((mesh) => mesh.openingUm));
  const caution = temperatureCaution(content.temperatureC);
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences, 0);
  return (
    <Columns>
      <div className="space-y-8">
        <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
          <p className="text-xl">
            {lineWords.kgThrough({
              kg: kg(asked.task.kg * content.strainer.count),
              meshes:
                content.strainer.count > 1
                  ? lineWords.strainers({ count: content.strainer.count })
                  : content.strainer.meshes
                      .map((mesh) => `${mesh.openingUm} µm`)
                      .join(lineWords.then()),
            })}
          </p>
          <p role="status" className="text-6xl leading-none font-bold">
            {durationText(asked.minutes)}
          </p>
          <p className="mt-2 text-xl">
            {lineWords.scrapesPluralOneScrapedOnce({
              scrapes: asked.scrapes,
              kgPerScrape: kg(asked.kgPerScrape),
              cleanKgPerHour: kg(asked.cleanKgPerHour),
              temperatureC: formatQuantity(content.temperatureC, 'temperature', preferences, 0),
              moisturePercent: content.moisturePercent,
            })}
          </p>
          {caution && <p className="mt-2 text-lg font-bold">{caution}</p>}
        </section>
        <Suspense fallback={<Waiting />}>
          <StrainingChart lines={asked.lines} unit={unit.name} fromKg={fromKg} />
        </Suspense>
        <SheetSection id="calibration" title={lineWords.howWellItIsKnown()}>
          <Calibration asked={asked} />
        </SheetSection>
      </div>
      <div className="space-y-8">
        <StrainerAdvice asked={asked} />
        <WaxThrough content={content} />
        <SheetSection id="mesh" title={lineWords.pollenAndThisMesh()}>
          <p className="text-lg">{MESH_WORDS[meshEffect(finest)]}</p>
        </SheetSection>
        <SheetSection id="school" title={lineWords.inWhichOrder()}>
          <p className="text-lg">
            {lineWords.strainCoarseFirstLetIt({ nightShare: Math.round(100 * asked.nightShare) })}
          </p>
        </SheetSection>
      </div>
    </Columns>
  );
}
