import type { ReactElement } from 'react';
import {
  COMB_SOFTENS_C,
  COOL_ENOUGH_C,
  DRYING_RATES,
  LAYOUTS,
  LAYOUT_FACTOR,
  RATE_SPREADS,
  type RateName,
} from '../../../core';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';
import { LAYOUT_NAMES } from '../../forms/room/batchForm';

const RATE_NAMES: Readonly<Record<RateName, readonly [string, string]>> = {
  diffusivityM2PerS: [handbookWords.diffusionOfWaterInHoney(), 'm²/s'],
  filmKgPerM2DayKPa: [handbookWords.filmOfAirOverOpen(), 'kg/(m²·d·kPa)'],
  cappingKgPerM2DayKPa: [handbookWords.cappings(), 'kg/(m²·d·kPa)'],
};

const RATES = Object.keys(RATE_NAMES) as RateName[];

/** How the warm room is computed. */
export function WarmRoomChapter(): ReactElement {
  return (
    <Chapter id="warm-room" title={handbookWords.theWarmRoom()}>
      <p>{handbookWords.waterDiffusesThroughTheHoney()}</p>
      <p>{handbookWords.theRoomBalancesHeatAnd()}</p>
      <PlainTable
        label={handbookWords.ratesOfDrying()}
        head={[
          handbookWords.rate(),
          handbookWords.startingValue(),
          handbookWords.doubtBeforeAnyReading(),
        ]}
        rows={RATES.map((rate) => [
          RATE_NAMES[rate][0],
          `${DRYING_RATES[rate].toPrecision(2)} ${RATE_NAMES[rate][1]}`,
          handbookWords.factor({ rateSpread: Math.exp(RATE_SPREADS[rate]).toFixed(1) }),
        ])}
      />
      <p>{handbookWords.theseValuesWereFittedTo()}</p>
      <PlainTable
        label={handbookWords.howBoxesStand()}
        head={[commonWords.boxes(), handbookWords.airThatReachesTheCombs()]}
        rows={LAYOUTS.map((layout) => [
          LAYOUT_NAMES[layout],
          `${Math.round(100 * LAYOUT_FACTOR[layout])} %`,
        ])}
      />
      <p>
        {handbookWords.fromCNewCombSoftens({
          combSoftensC: COMB_SOFTENS_C,
          coolEnoughC: COOL_ENOUGH_C,
        })}
      </p>
    </Chapter>
  );
}
