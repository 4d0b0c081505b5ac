import { lotMoisture } from '../../moisture/lotMoisture';
import { isMeasured } from '../belief';
import type { EarlierReading, HistoryReason } from '../honeyEvents';
import type { Found, Rule, RuleContext } from '../rule';
import { type Message, percent, say, withDoubt } from '../../message/message';

/** What happened after a reading that makes it history, as a sentence goes on. */
export const HAPPENED: Readonly<Record<HistoryReason, Message>> = {
  drying: say('rules.itWasDried'),
  blending: say('rules.honeyWasPouredIntoIt'),
  'standing-open': say('rules.itStoodOpen'),
  melting: say('rules.itWasWarmedToMelt'),
  storage: say('rules.itStoodForALong'),
};

/** What can only have made it drier. */
const DRIES: readonly HistoryReason[] = ['drying'];

const counted = (count: number): Message => say('rules.readings', { count });

/** The last thing that readings are from before. */
function lastReason(earlier: readonly EarlierReading[]): EarlierReading[] {
  const lastDay = Math.max(...earlier.map((earlierReading) => earlierReading.beforeDay));
  return earlier.filter((earlierReading) => earlierReading.beforeDay === lastDay);
}

function compared(
  last: readonly EarlierReading[],
  { evidence, belief }: RuleContext,
): Found | null {
  const [first] = last;
  if (!first || belief.basis !== 'readings') return null;
  const then = lotMoisture(last, evidence.vessels, evidence.repeatability);
  const apart = belief.mean - then.meanPercent;
  const room = Math.hypot(then.uncertainty.expanded, belief.expanded);
  const figures = say('rules.beforeNow', {
    withDoubt: withDoubt(then.meanPercent, then.uncertainty.expanded),
    happened: HAPPENED[first.before],
    withDoubt2: withDoubt(belief.mean, belief.expanded),
  });
  if (Math.abs(apart) <= room || (apart < 0 && DRIES.includes(first.before))) return null;
  const why = apart > 0 ? say('rules.closedHoneyTakesUpNo') : say('rules.closedHoneyDoesNotDry');
  return {
    bearing: 'measure',
    step: 'check-zero',
    sentence: say('rules.thenReadAgain', {
      figures,
      apart: percent(Math.abs(apart)),
      side: apart > 0 ? 'wetter' : 'drier',
      why,
    }),
  };
}

export const earlierReadings: Rule = {
  id: 'earlier-readings',
  title: say('rules.readingsFromBefore'),
  source: { name: say('rules.aReadingSaysWhatThe'), standing: 'choice' },
  needs: ['reading'],
  find: (context) => {
    const { earlier = [] } = context.evidence;
    const last = lastReason(earlier);
    const [first] = last;
    if (!first) return [];
    const since = say('rules.since', { happened: HAPPENED[first.before] });
    if (!isMeasured(context.belief)) {
      return [
        {
          bearing: 'measure',
          step: 'read',
          sentence: say('rules.itHasNotBeenRead', {
            since,
            counted: counted(last.length),
            last: last.length,
          }),
        },
      ];
    }
    const found = compared(last, context);
    const note: Found = {
      bearing: 'note',
      sentence: say('rules.fromBeforeHistoryNoLonger', {
        counted: counted(earlier.length),
        happened: HAPPENED[first.before],
      }),
    };
    return found ? [found, note] : [note];
  },
};
