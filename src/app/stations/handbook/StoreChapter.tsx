import type { ReactElement } from 'react';
import {
  FEWEST_LOOKS,
  LONG_STORAGE_DAYS,
  OUTCOMES,
  STORAGE_RISKS,
  STORE_PLACES,
  STORE_TEMPERATURES,
  liquidMoisturePercent,
  mayMissG,
} from '../../../core';
import { OUTCOME_NAMES } from '../../format/moisture';
import { PLACE_NAMES, RISK_NAMES } from '../../words/storeWords';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';

const SHARES = [0, 0.25, 0.5, 0.75] as const;
const MOISTURES = [16, 17, 18, 19] as const;
const GLUCOSE_PERCENT = 31;

const OUTCOME_WORDS: Readonly<Record<(typeof OUTCOMES)[number], string>> = {
  reject: handbookWords.blockedForEveryUsePeople(),
  divert: handbookWords.notForTheJarAs(),
  over: handbookWords.moreWaterThanTheLimit(),
  dry: handbookWords.withinTheLimitTooWet(),
  blend: handbookWords.tooWetCannotBeDried(),
  measure: handbookWords.theEvidenceAtHandDoes(),
  'above-target': handbookWords.withinTheLimitSoLegal(),
  conditions: handbookWords.goodEnoughUnderTheConditions(),
  'by-comb': handbookWords.goodEnoughByItsCapping(),
  accept: handbookWords.goodEnoughByMeterOr(),
};

function Severity(): ReactElement {
  return (
    <Chapter id="severity" title={handbookWords.orderOfSeverity()}>
      <PlainTable
        label={handbookWords.outcomesMostSevereFirst()}
        head={[handbookWords.outcomeMostSevereFirst(), handbookWords.whatItSays()]}
        rows={OUTCOMES.map((outcome) => [OUTCOME_NAMES[outcome], OUTCOME_WORDS[outcome]])}
      />
      <p>{handbookWords.theMostSevereFindingDecides()}</p>
    </Chapter>
  );
}

function Keeping(): ReactElement {
  return (
    <Chapter id="keeping" title={handbookWords.keeping()}>
      <p>{handbookWords.glucoseLeavesAsMonohydrateTo({ glucosePercent: GLUCOSE_PERCENT })}</p>
      <PlainTable
        label={handbookWords.waterInTheLiquidPart()}
        head={[
          commonWords.water(),
          ...SHARES.map((share) => handbookWords.set({ one: 100 * share })),
        ]}
        rows={MOISTURES.map((water) => [
          `${water} %`,
          ...SHARES.map(
            (share) => `${liquidMoisturePercent(water, GLUCOSE_PERCENT, share).toFixed(1)} %`,
          ),
        ])}
      />
      <p>
        {handbookWords.theClassOfAMonth({
          storageRisks: STORAGE_RISKS.map((storageRisk) => RISK_NAMES[storageRisk]).join(', '),
        })}
      </p>
      <PlainTable
        label={handbookWords.places()}
        head={[handbookWords.place(), handbookWords.meanOfTheYear(), handbookWords.swing()]}
        rows={STORE_PLACES.map((storePlace) => [
          PLACE_NAMES[storePlace],
          `${STORE_TEMPERATURES[storePlace].meanC} °C`,
          `± ${STORE_TEMPERATURES[storePlace].swingC} °C`,
        ])}
      />
      <p>{handbookWords.bestBeforeIsAProposal()}</p>
    </Chapter>
  );
}

function Blending(): ReactElement {
  return (
    <Chapter id="blending" title={handbookWords.blending()}>
      <p>{handbookWords.aTanksWaterIsThe()}</p>
    </Chapter>
  );
}

function Leaving(): ReactElement {
  return (
    <Chapter id="leaving" title={handbookWords.whatMayLeaveTheHouse()}>
      <p>{handbookWords.honeyIsFilledLabelledSet()}</p>
      <p>{handbookWords.whereALotIsBlocked()}</p>
    </Chapter>
  );
}

function NowAndBefore(): ReactElement {
  return (
    <Chapter id="now-and-before" title={handbookWords.readingsOfNowAndOf()}>
      <p>
        {handbookWords.dryingPouringTogetherStandingOpen({ longStorageDays: LONG_STORAGE_DAYS })}
      </p>
      <p>{handbookWords.besideTheMeanStandsThe()}</p>
    </Chapter>
  );
}

const JAR_SIZES_G = [50, 250, 500, 1000] as const;

function Jars(): ReactElement {
  return (
    <Chapter id="jars" title={handbookWords.jarsAndWax()}>
      <p>{handbookWords.aRunIsFullWhere()}</p>
      <PlainTable
        label={handbookWords.whatOneJarMayLack()}
        head={[handbookWords.onTheLabel(), handbookWords.mayLack()]}
        rows={JAR_SIZES_G.map((grams) => [`${grams} g`, `${mayMissG(grams)} g`])}
      />
      <p>{handbookWords.threeGlassesChance()}</p>
      <p>{handbookWords.creamingIsAssumed()}</p>
      <p>{handbookWords.waxAndItsShares()}</p>
    </Chapter>
  );
}

function Season(): ReactElement {
  return (
    <Chapter id="season" title={handbookWords.daysOfTheSeason()}>
      <p>{handbookWords.aDayIsProposed()}</p>
      <p>{handbookWords.whatAScaleTells()}</p>
      <p>{handbookWords.outsideByTheForecast()}</p>
    </Chapter>
  );
}

function EyeAndPicture(): ReactElement {
  return (
    <Chapter id="eye" title={handbookWords.eyeAndPicture()}>
      <p>{handbookWords.howAnEyeIsKnown({ looks: FEWEST_LOOKS })}</p>
      <p>{handbookWords.howAPictureIsRead()}</p>
      <p>{handbookWords.howALineIsRead()}</p>
    </Chapter>
  );
}

function Tracing(): ReactElement {
  return (
    <Chapter id="trace" title={handbookWords.tracingAndSealing()}>
      <p>{handbookWords.hiveBoxFrameWarmRoom()}</p>
    </Chapter>
  );
}

/** Severity, keeping, blending, tracing. */
export function StoreChapters(): ReactElement {
  return (
    <>
      <Severity />
      <NowAndBefore />
      <Leaving />
      <Keeping />
      <Blending />
      <Jars />
      <Season />
      <EyeAndPicture />
      <Tracing />
    </>
  );
}
