import { makeUpCount, makeUpMass, makeUpStates } from '../../model';
import { type LotFramesContent, type Preferences } from '../../records';
import { formatQuantity } from '../format/units';

const distinct = (all: readonly string[]): string[] => [
  ...new Set(all.filter((one) => one !== '')),
];

/** Hives, yards and flows that a lot is from. */
export function makeUpOrigins({ frames }: LotFramesContent) {
  return {
    hives: distinct(frames.map((one) => one.hive)),
    yards: distinct(frames.map((one) => one.yard)),
    flows: distinct(frames.flatMap((one) => one.flows)),
  };
}

/** What a lot was made of, in one sentence. */
export function makeUpWords(content: LotFramesContent, preferences: Preferences): string {
  const { hives, flows } = makeUpOrigins(content);
  const mass = formatQuantity(makeUpMass(content).massKg, 'mass', preferences, 1);
  const capped = Math.round(makeUpStates(content).capped * 100);
  const from = hives.length > 0 ? ` of ${hives.join(', ')}` : '';
  const flow = flows.length > 0 ? `, flow ${flows.join(' and ')}` : '';
  return `${makeUpCount(content)} frames${from}, about ${mass} of honey in the comb, ${capped} % capped by mass, judged by “${content.school.name}”${flow}.`;
}
