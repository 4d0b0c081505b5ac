import { lotMoisture } from '../../moisture/lotMoisture';
import { isMeasured } from '../belief';
import type { EarlierReading, HistoryReason } from '../honeyEvents';
import type { Found, Rule, RuleContext } from '../rule';
import { percent, withDoubt } from '../say';

/** What happened after a reading that makes it history, as a sentence goes on. */
export const HAPPENED: Readonly<Record<HistoryReason, string>> = {
  drying: 'it was dried',
  blending: 'honey was poured into it',
  'standing-open': 'it stood open',
  melting: 'it was warmed to melt it',
  storage: 'it stood for a long time',
};

/** What can only have made it drier. */
const DRIES: readonly HistoryReason[] = ['drying'];

const counted = (count: number): string => (count === 1 ? '1 reading' : `${count} readings`);

/** The last thing that readings are from before. */
function lastReason(earlier: readonly EarlierReading[]): EarlierReading[] {
  const lastDay = Math.max(...earlier.map((one) => one.beforeDay));
  return earlier.filter((one) => one.beforeDay === lastDay);
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
  const figures = `${withDoubt(then.meanPercent, then.uncertainty.expanded)} before ${HAPPENED[first.before]}, ${withDoubt(belief.mean, belief.expanded)} now`;
  if (Math.abs(apart) <= room || (apart < 0 && DRIES.includes(first.before))) return null;
  const why =
    apart > 0
      ? 'closed honey takes up no water, so find out what happened: an open lid, another vessel, or a meter that moved'
      : 'closed honey does not dry, so check the meter and what was read';
  return {
    bearing: 'measure',
    step: 'check-zero',
    sentence: `${figures}: ${percent(Math.abs(apart))} ${apart > 0 ? 'wetter' : 'drier'}; ${why}, then read again.`,
  };
}

export const earlierReadings: Rule = {
  id: 'earlier-readings',
  title: 'Readings from before',
  source: { name: 'a reading says what the honey was then', standing: 'our choice' },
  needs: ['reading'],
  find: (context) => {
    const { earlier = [] } = context.evidence;
    const last = lastReason(earlier);
    const [first] = last;
    if (!first) return [];
    const since = `since ${HAPPENED[first.before]}`;
    if (!isMeasured(context.belief)) {
      return [
        {
          bearing: 'measure',
          step: 'read',
          sentence: `Nobody has read it ${since}: the ${counted(last.length)} from before ${last.length === 1 ? 'is' : 'are'} history, so read it now.`,
        },
      ];
    }
    const found = compared(last, context);
    const note: Found = {
      bearing: 'note',
      sentence: `${counted(earlier.length)} from before ${HAPPENED[first.before]}: history, not part of the figure.`,
    };
    return found ? [found, note] : [note];
  },
};
