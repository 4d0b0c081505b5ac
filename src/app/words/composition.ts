import { compositionCount, compositionMass, compositionStates } from '../../model';
import { type LotFramesContent, type Preferences } from '../../records';
import { formatQuantity } from '../format/units';
import { lotWords } from './english/lot';

const distinct = (all: readonly string[]): string[] => [
  ...new Set(all.filter((text) => text !== '')),
];

/** Hives, yards and flows that a lot is from. */
export function compositionOrigins({ frames }: LotFramesContent) {
  return {
    hives: distinct(frames.map((frame) => frame.hive)),
    yards: distinct(frames.map((frame) => frame.yard)),
    flows: distinct(frames.flatMap((frame) => frame.flows)),
  };
}

/** What a lot was made of, in one sentence. */
export function compositionWords(content: LotFramesContent, preferences: Preferences): string {
  const { hives, flows } = compositionOrigins(content);
  const mass = formatQuantity(compositionMass(content).massKg, 'mass', preferences, 1);
  const capped = Math.round(compositionStates(content).capped * 100);
  const from = hives.length > 0 ? lotWords.ofHives({ hives: hives.join(', ') }) : '';
  const flow = flows.length > 0 ? lotWords.flow({ flows: flows.join(' and ') }) : '';
  return lotWords.framesAboutOfHoneyIn({
    makeUpCount: compositionCount(content),
    from,
    mass,
    capped,
    name: content.school.name,
    flow,
  });
}
