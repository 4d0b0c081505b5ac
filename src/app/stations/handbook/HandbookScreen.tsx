import type { ReactElement } from 'react';
import {
  BUDGET_DEFAULTS,
  COMPUTED_RANGE_PERCENT,
  FERMENTATION_CLASSES,
  HONEY_INDEX_PER_C,
  LOCAL_LAW_DECIDES,
  REFERENCE_TEMPERATURE_C,
  RULES,
  RULES_VERSION,
  LAYER_HALF_WIDTH,
  METHOD_TERMS,
  SPREAD_PRIORS,
  TABLE_RANGE_PERCENT,
  WEDMORE,
  sourceWords,
} from '../../../core';
import { useOfferedRuleSets } from '../../data/useRuleSets';
import { Read } from '../../data/Read';
import { FailedPart } from '../../ui/page/FailedPage';
import { PlainTable } from '../../ui/PlainTable';
import { BenchQuality, BenchWork } from './BenchChapters';
import { Chapter } from './Chapter';
import { Expectation, JudgingComb } from './CombChapters';
import { WarmRoomChapter } from './RoomChapter';
import { StoreChapters } from './StoreChapter';
import { StrainChapters } from './StrainChapter';

function Moisture(): ReactElement {
  const { calibration, relation, thermometerHalfWidthC, unnotedHalfWidthC } = BUDGET_DEFAULTS;
  return (
    <Chapter id="moisture" title="From dial to moisture">
      <p>
        Every dial is a refractive index in disguise. Brix and % water are turned into the index,
        the index is brought to {REFERENCE_TEMPERATURE_C} °C ({HONEY_INDEX_PER_C} per °C, none with
        ATC), and the index gives the moisture: W = ({WEDMORE.a} − log10(100·(nD20 − 1))) /{' '}
        {WEDMORE.b}, after Wedmore (1955) and AOAC 969.38, recalled from memory;{' '}
        {TABLE_RANGE_PERCENT[0]} to {TABLE_RANGE_PERCENT[1]} %, computed and marked from{' '}
        {COMPUTED_RANGE_PERCENT[0]} to {COMPUTED_RANGE_PERCENT[1]}.
      </p>
      <p>
        The measurand is moisture by refractometry, not true water: Karl Fischer titration differs
        by some tenths.
      </p>
      <PlainTable
        label="Parts of the uncertainty"
        head={['Part of the ±', 'Standard uncertainty', 'Where it comes from']}
        rows={[
          ['Division of the dial', 'one division / √12', 'GUM, recalled from memory'],
          [
            'Temperature',
            `± ${thermometerHalfWidthC} °C; ± ${unnotedHalfWidthC} °C where not noted`,
            'common practice, no source',
          ],
          [
            'Zero of the meter',
            `from its last check and the time since; without a history ${calibration.checked} % checked, ${calibration.unchecked} % not`,
            'common practice, no source',
          ],
          ['The relation itself', `${relation} %`, 'AOAC 969.38, recalled from memory'],
          [
            'The method, between laboratories',
            `${METHOD_TERMS.blossom} % for blossom honey, ${METHOD_TERMS.honeydew} % for honeydew and heather`,
            'not verified',
          ],
          [
            'Reader',
            `${SPREAD_PRIORS.repeatability.standardDeviation} % / √n, pooled with own replicates`,
            'common practice, no source',
          ],
          [
            'From spot to spot',
            `${SPREAD_PRIORS.spot.standardDeviation} % stirred; ± ${LAYER_HALF_WIDTH.unstirred} % for one spot of an unstirred vessel, ± ${LAYER_HALF_WIDTH.notSaid} % where nobody said where`,
            'common practice, no source',
          ],
          [
            'Untested vessels',
            `${SPREAD_PRIORS.betweenVessels.standardDeviation} %, pooled with your own lots and what is seen`,
            'common practice, no source',
          ],
        ]}
      />
      <p>
        Most of these are guesses, so each has few degrees of freedom (JCGM 100:2008, G.4.2,
        recalled from memory): an interval starts wide, and your own checks, replicates and lots
        narrow it. The guess stays in and counts for less with every record. They are added as
        Student t distributions of the same scale and variance.
      </p>
      <p>
        You see the answer after every reading and may stop at any. That is paid for: the surety
        asked for lies between 95 and 99 in 100, so that forty looks together accept honey at the
        limit no more than 5 times in 100 (repeated significance tests with a constant boundary,
        Armitage, McPherson and Rowe 1969, recalled from memory).
      </p>
    </Chapter>
  );
}

function Limits(): ReactElement {
  const ruleSets = useOfferedRuleSets();
  return (
    <Chapter id="limits" title="Limits">
      <p>{LOCAL_LAW_DECIDES} Heather means ling (Calluna) only.</p>
      <PlainTable
        label="Rule sets"
        head={['Rule set', 'Edition', 'Limit', 'Heather', 'Note']}
        rows={ruleSets.map((one) => [
          one.name,
          one.edition,
          `${one.moistureLimitPercent.ordinary.toFixed(1)} %`,
          `${one.moistureLimitPercent.heather.toFixed(1)} %`,
          [one.status === 'own' ? 'entered by you' : '', one.note].filter(Boolean).join('; '),
        ])}
      />
      <p>
        A limit is met when at least 95 in 100 speak for it, and passed when at most 5 do; between
        the two it is not settled (JCGM 106:2012, recalled from memory).
      </p>
    </Chapter>
  );
}

function Fermentation(): ReactElement {
  return (
    <Chapter id="fermentation" title="Fermentation">
      <p>
        Classes after Lochhead (1933), recalled from memory. An unknown yeast count counts as the
        worst. A class is not a rate: there is a day to check again, never a day until which honey
        is safe.
      </p>
      <PlainTable
        label="Fermentation classes"
        head={['Water up to', 'Safe for about a year']}
        rows={FERMENTATION_CLASSES.map((one) => [
          one.upToPercent === Infinity ? 'above' : `${one.upToPercent} %`,
          one.safeBelowYeastPerG === 0
            ? 'never'
            : one.safeBelowYeastPerG === Infinity
              ? 'whatever the yeast count'
              : `under ${one.safeBelowYeastPerG} cells per gram`,
        ])}
      />
    </Chapter>
  );
}

/** How the numbers are made: relations, limits and rules, straight from the core. */
export function HandbookScreen(): ReactElement {
  return (
    <>
      <h1 className="pt-5 text-4xl font-bold">Handbook</h1>
      <p className="mt-2 max-w-3xl text-lg">
        How the numbers are made. Constants, limits and rules are read from the computation itself.
      </p>
      <Moisture />
      <BenchWork />
      <JudgingComb />
      <Expectation />
      <WarmRoomChapter />
      <StrainChapters />
      <Read failed={(_error, again) => <FailedPart again={again} />}>
        <Limits />
      </Read>
      <Fermentation />
      <BenchQuality />
      <StoreChapters />
      <Chapter id="rules" title={`Rules, version ${RULES_VERSION}`}>
        <p>The most severe finding decides; none hides another.</p>
        <PlainTable
          label="Rules"
          head={['Rule', 'Source', 'Looks at']}
          rows={RULES.map((one) => [
            one.title,
            sourceWords(one.source),
            one.needs.join(', ') || 'all',
          ])}
        />
      </Chapter>
      <Chapter id="cautions" title="Cautions">
        <ul className="list-disc space-y-1 pl-6">
          <li>No honey for infants under 12 months.</li>
          <li>Fermenting honey builds pressure; never heat it in a closed jar.</li>
          <li>A full box weighs 30 kg and more; lift with help.</li>
          <li>Treatments: the product label and local law decide, not this program.</li>
          <li>Toxic nectar: know the plants of your place; ask the local advisory service.</li>
        </ul>
      </Chapter>
    </>
  );
}
