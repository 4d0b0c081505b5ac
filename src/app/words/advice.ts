import { COMB_SOFTENS_C, type RoomAdvice } from '../../core';
import type { Preferences } from '../../records';
import { formatPercent } from '../format/moisture';
import { formatQuantity } from '../format/units';
import { roomWords } from './english/room';
import { smallMass } from './keepersUnits';

interface AdviceContext {
  readonly preferences: Preferences;
  /** what the keeper calls a batch */
  readonly nameOf: (batchId: string) => string;
  /** a day of the run in words */
  readonly dayWords: (day: number) => string;
}

/** "about 90 g of water came in" */
function waterWords(kg: number): string {
  return roomWords.aboutWater({
    mass: smallMass(Math.abs(kg)),
    part: kg >= 0 ? roomWords.cameIn() : roomWords.wentOut(),
  });
}

const percentOf = (share: number): string => `${Math.round(100 * share)} %`;

/** What the keeper should know, one sentence that says what to do. */
export function adviceWords(advice: RoomAdvice, context: AdviceContext): string {
  const { preferences, nameOf, dayWords } = context;
  const degrees = (celsius: number): string => formatQuantity(celsius, 'temperature', preferences);
  switch (advice.kind) {
    case 'gains-water':
      return roomWords.theAirIsWetterThan({
        nameOf: nameOf(advice.batchId),
        byPercent: formatPercent(advice.byPercent),
        surfacePercent: formatPercent(advice.surfacePercent),
      });
    case 'comb-softens':
      return roomWords.theAirWillReachAbove({
        hottestC: degrees(advice.hottestC),
        dayWords: dayWords(advice.day),
        combSoftensC: degrees(COMB_SOFTENS_C),
      });
    case 'machine-too-warm':
      return roomWords.theDehumidifierIsMadeFor({
        warmestC: degrees(advice.warmestC),
        hottestC: degrees(advice.hottestC),
      });
    case 'cold-boxes':
      return roomWords.comesInColdKpaOf({
        nameOf: nameOf(advice.batchId),
        honeyKPa: advice.honeyKPa.toFixed(1),
        airKPa: advice.airKPa.toFixed(1),
      });
    case 'hard-to-extract':
      return roomWords.wouldEndAtAndFall({
        nameOf: nameOf(advice.batchId),
        percent: formatPercent(advice.percent),
        dayWords: dayWords(advice.day),
      });
    case 'machine-flat-out':
      return roomWords.theDehumidifierRunsAllThe({
        humidity: percentOf(advice.humidity),
        wanted: percentOf(advice.wanted),
      });
    case 'machine-enough-for':
      return roomWords.withOfThisLoadThe({
        share: percentOf(advice.share),
        humidity: percentOf(advice.humidity),
      });
    case 'door':
      return roomWords.theLogShowsTheDoor({
        times: advice.times,
        waterWords: waterWords(advice.waterKg),
      });
    case 're-wets':
      return roomWords.ifYouSwitchedTheRoom({
        nameOf: nameOf(advice.batchId),
        byPercent: formatPercent(advice.byPercent),
        surfacePercent: formatPercent(advice.surfacePercent),
      });
  }
}
