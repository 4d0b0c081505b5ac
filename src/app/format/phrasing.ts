import type { Phrasing, Ruling } from '../../core';
import { isoDayOf, type Preferences } from '../../records';
import { formatDay } from './dates';
import { OUTCOME_NAMES } from './moisture';
import { formatQuantity } from './units';

/** How rules say temperatures to this keeper. */
export function phrasingFor(preferences: Preferences): Phrasing {
  return {
    day: (day) => formatDay(isoDayOf(day)),
    temperature: (temperatureC) => formatQuantity(temperatureC, 'temperature', preferences, 0),
  };
}

/** The decision in words, with what it rests on where that is not a measurement. */
export function headline(ruling: Ruling): string {
  if (ruling.byCapping) return 'Accept by capping, moisture not measured';
  const apart = ruling.findings.filter((one) => one.ruleId === 'vessel-apart').length;
  if (ruling.outcome === 'over' && ruling.overProbability < 0.5 && apart > 0) {
    return `Set ${apart === 1 ? 'one vessel' : `${apart} vessels`} apart, over the limit`;
  }
  return OUTCOME_NAMES[ruling.outcome];
}

/** Where the moisture lies, as one sentence for those who cannot see the rule. */
export function ruleSentence(ruling: Ruling): string {
  const { belief, limitPercent } = ruling;
  const low = (belief.mean - belief.expanded).toFixed(1);
  const high = (belief.mean + belief.expanded).toFixed(1);
  const verb = belief.basis === 'readings' ? 'measured' : 'expected';
  return `Moisture rule from 13 to 25 % water: ${verb} ${belief.mean.toFixed(1)} %, between ${low} and ${high} %, limit ${limitPercent.toFixed(1)} %.`;
}

/** The figure of a ruling, short: 17.4 ± 0.3 where measured, 16–20 where only expected. */
export function answerFigure({ belief }: Ruling): string {
  const { basis, mean, expanded } = belief;
  return basis === 'readings'
    ? `${mean.toFixed(1)} ± ${expanded.toFixed(1)}`
    : `${Math.max(0, mean - expanded).toFixed(0)}–${(mean + expanded).toFixed(0)}`;
}
