import { makeUpCount, makeUpMass, makeUpStates } from '../../model';
import { type LotFramesContent, type Preferences } from '../../records';
import { formatQuantity } from '../format/units';
import { lotWords } from './english/lot';

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
  const from = hives.length > 0 ? lotWords.ofHives({ hives: hives.join(', ') }) : '';
  const flow = flows.length > 0 ? lotWords.flow({ flows: flows.join(' and ') }) : '';
  return lotWords.framesAboutOfHoneyIn({
    makeUpCount: makeUpCount(content),
    from,
    mass,
    capped,
    name: content.school.name,
    flow,
  });
}
