import { firstRevision, type AnyRecord } from '../src/records';
import { dayBefore, demoScribe } from './scribe';

const WAX = [
  { act: 'gathered', into: 'cappings', intoKg: 1.9, daysAgo: 37, remark: 'borage, drained a day' },
  { act: 'gathered', into: 'burr-comb', intoKg: 0.35, daysAgo: 30, remark: '' },
  { act: 'melted', from: 'cappings', fromKg: 1.9, into: 'raw-wax', intoKg: 0.86, daysAgo: 29 },
  { act: 'melted', from: 'raw-wax', fromKg: 0.86, into: 'block', intoKg: 0.78, daysAgo: 22 },
  { act: 'made', from: 'block', fromKg: 0.2, into: 'salve', intoKg: 0.19, daysAgo: 14 },
] as const;

const OCCASIONS = [
  { name: 'Supper at the boat shed', inDays: 12, purpose: 'gift', jarG: 250, count: 12 },
  { name: 'Island fair', inDays: 37, purpose: 'sale', jarG: 500, count: 30 },
] as const;

const LOG = [
  { what: 'water', daysAgo: 361, text: 'Water of the well tested by the district: drinkable.' },
  { what: 'cleaned', daysAgo: 27, text: 'Extractor, sieves and tank washed hot, dried overnight.' },
  { what: 'pests', daysAgo: 26, text: 'Two mouse traps empty; gap at the door closed.' },
] as const;

const COMBS = [
  { item: 'drawn', have: 46 },
  { item: 'half-drawn', have: 9 },
  { item: 'to-melt', have: 5 },
] as const;

/** What the house of the demo keeps beside honey: wax, combs, occasions and its log. */
export function demoHouse(todayMs: number): AnyRecord[] {
  const scribe = demoScribe('house', todayMs, 1);
  const at = (daysAgo: number): string => `${dayBefore(todayMs, daysAgo)}T17:00:00.000Z`;
  return [
    ...WAX.map(({ daysAgo, ...line }) =>
      firstRevision(scribe, 'wax', {
        from: null,
        fromKg: null,
        remark: '',
        ...line,
        day: dayBefore(todayMs, daysAgo),
      }),
    ),
    ...OCCASIONS.map(({ inDays, ...occasion }) =>
      firstRevision(scribe, 'occasion', {
        ...occasion,
        day: dayBefore(todayMs, -inDays),
        over: false,
        remark: '',
      }),
    ),
    ...LOG.map(({ daysAgo, ...line }) =>
      firstRevision(scribe, 'house-log', { ...line, at: at(daysAgo), lotIds: [], remark: '' }),
    ),
    ...COMBS.map((count) => firstRevision(scribe, 'stock', { ...count, remark: '' })),
  ];
}
