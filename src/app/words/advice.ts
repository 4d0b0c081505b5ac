import { COMB_SOFTENS_C, type RoomAdvice } from '../../core';
import type { Preferences } from '../../records';
import { counted } from '../format/counted';
import { formatPercent } from '../format/moisture';
import { formatQuantity } from '../format/units';

interface AdviceContext {
  readonly preferences: Preferences;
  /** what the keeper calls a batch */
  readonly nameOf: (batchId: string) => string;
  /** a day of the run in words */
  readonly dayWords: (day: number) => string;
}

/** "about 90 g of water came in" */
function waterWords(kg: number): string {
  const grams = Math.round(1000 * Math.abs(kg));
  return `about ${grams} g of water ${kg >= 0 ? 'came in' : 'went out'}`;
}

const percentOf = (share: number): string => `${Math.round(100 * share)} %`;

/** What the keeper should know, one sentence that says what to do. */
export function adviceWords(advice: RoomAdvice, context: AdviceContext): string {
  const { preferences, nameOf, dayWords } = context;
  const degrees = (celsius: number): string => formatQuantity(celsius, 'temperature', preferences);
  switch (advice.kind) {
    case 'gains-water':
      return `The air is wetter than the honey: ${nameOf(advice.batchId)} gains ${formatPercent(advice.byPercent)} points within a day, its surface comes to ${formatPercent(advice.surfacePercent)} %. Dry the air first, or take it out.`;
    case 'comb-softens':
      return `The air comes to ${degrees(advice.hottestC)} ${dayWords(advice.day)}: above ${degrees(COMB_SOFTENS_C)} new comb softens and sags. Set it lower, or let heat out.`;
    case 'machine-too-warm':
      return `The dehumidifier is made for air up to ${degrees(advice.warmestC)}; here it stands in ${degrees(advice.hottestC)}. It may cut out, or wear out.`;
    case 'cold-boxes':
      return `${nameOf(advice.batchId)} comes in cold: at its surface ${advice.honeyKPa.toFixed(1)} kPa of vapour against ${advice.airKPa.toFixed(1)} in the air, so that it takes water up until it is warm. Warm it closed up, or in dry air.`;
    case 'hard-to-extract':
      return `${nameOf(advice.batchId)} is at ${formatPercent(advice.percent)} % in the end, and under 15 % ${dayWords(advice.day)}: honey so dry hardly leaves the comb. Take it out before.`;
    case 'machine-flat-out':
      return `The dehumidifier runs all the time, and the air hangs at ${percentOf(advice.humidity)} instead of ${percentOf(advice.wanted)}: the machine is the limit, not time. Fewer boxes, or a second machine.`;
    case 'machine-enough-for':
      return `With ${percentOf(advice.share)} of this load the dehumidifier would reach ${percentOf(advice.humidity)} on the second day.`;
    case 'door':
      return `The log shows the door open ${counted(advice.times, 'time')} over the last day: ${waterWords(advice.waterKg)} with the air of outside. Go in seldom, and carry all in at once.`;
    case 're-wets':
      return `Were the room switched off now, ${nameOf(advice.batchId)} would gain ${formatPercent(advice.byPercent)} points within a day from the air outside, its surface ${formatPercent(advice.surfacePercent)} %: extract soon, or cover it tightly.`;
  }
}
