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

const RATE_NAMES: Readonly<Record<RateName, readonly [string, string]>> = {
  diffusivityM2PerS: ['Diffusion of water in honey of 18 % at 33 °C', 'm²/s'],
  filmKgPerM2DayKPa: ['Film of air over open honey', 'kg/(m²·d·kPa)'],
  cappingKgPerM2DayKPa: ['Cappings', 'kg/(m²·d·kPa)'],
};

const RATES = Object.keys(RATE_NAMES) as RateName[];

/** How the warm room is reckoned. */
export function WarmRoomChapter(): ReactElement {
  return (
    <Chapter id="warm-room" title="The warm room">
      <p>
        Water diffuses through the honey of a cell and leaves at its surface through a film of air,
        driven by the difference of vapour pressure; the thicker the honey, the slower (half as fast
        at 14 % as at 22 %, assumed): flux = k·(aw·psat(honey) − e(air)). Honey and air have
        temperatures of their own, so that cold honey in warm air takes water up first. Dry matter
        is conserved. Water activity after Norrish (1966), moist air after ASHRAE, both recalled
        from memory or by package.
      </p>
      <p>
        The room balances heat and water: heater, fans, walls, leakage, boxes carried in and out,
        and a dehumidifier whose litres fall in dry and cool air and which gives the heat of the
        water back. Air that was logged replaces the balance for as long as the log reaches.
      </p>
      <PlainTable
        label="Rates of drying"
        head={['Rate', 'Starting value', 'Doubt before any reading']}
        rows={RATES.map((rate) => [
          RATE_NAMES[rate][0],
          `${DRYING_RATES[rate].toPrecision(2)} ${RATE_NAMES[rate][1]}`,
          `factor ${Math.exp(RATE_SPREADS[rate]).toFixed(1)}`,
        ])}
      />
      <p>
        These values were fitted to what keepers report, not measured: they check the code, not the
        physics. So a forecast is 500 courses with rates, machine, leakage and start drawn from what
        is believed of them; times are told no finer than their band, of which one course in ten
        lies outside. Every reading and weighed box updates the belief (Bayesian least squares with
        the prior kept), and what a room taught stays for the next season.
      </p>
      <PlainTable
        label="How boxes stand"
        head={['Boxes', 'Air that reaches the combs']}
        rows={LAYOUTS.map((one) => [one, `${Math.round(100 * LAYOUT_FACTOR[one])} %`])}
      />
      <p>
        From {COMB_SOFTENS_C} °C new comb softens; under {COOL_ENOUGH_C} °C it can be uncapped. Both
        are common practice without a source, and so are the layouts. No forecast is made for gelled
        heather or crystallised comb: no rate is known for them.
      </p>
    </Chapter>
  );
}
