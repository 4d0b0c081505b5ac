import { isMeasured, type Ruling } from '../../core';
import { OUTCOME_NAMES, STEP_NAMES } from '../format/moisture';
import { rulingWords } from './english/ruling';
import { tell } from './tell';
import { doubtful } from '../format/doubtful';

/** "look again by 26 Feb", and how many more conditions there are. */
function conditionWords({ findings }: Ruling): string {
  const conditions = findings.filter((finding) => finding.bearing === 'condition');
  const short = conditions.find((condition) => condition.short !== undefined)?.short;
  if (short === undefined) return '';
  const more = conditions.length - 1;
  return rulingWords.but({
    short: tell(short),
    part: more > 0 ? rulingWords.andMore({ more }) : '',
  });
}

/** The decision in words, with its first condition, or with what would settle it. */
export function headline(ruling: Ruling): string {
  const { outcome, nextStep, findings } = ruling;
  switch (outcome) {
    case 'measure':
      return STEP_NAMES[nextStep ?? 'read'];
    case 'conditions':
      return rulingWords.accept({
        conditionWords: conditionWords(ruling) || rulingWords.withConditions(),
      });
    case 'by-comb':
      return `${OUTCOME_NAMES[outcome]}${conditionWords(ruling)}`;
    case 'divert':
      return findings.some((finding) => finding.ruleId === 'signs-of-fermentation')
        ? rulingWords.itIsFermenting({ outcome: OUTCOME_NAMES[outcome] })
        : OUTCOME_NAMES[outcome];
    case 'over': {
      const apart = findings.filter(
        (finding) => finding.ruleId === 'vessel-apart' && finding.bearing === 'over',
      ).length;
      return ruling.overProbability < 0.5 && apart > 0
        ? rulingWords.setAsideOverTheLimit({
            part: apart === 1 ? rulingWords.oneVessel() : rulingWords.vessels({ apart }),
          })
        : OUTCOME_NAMES[outcome];
    }
    case 'reject':
    case 'dry':
    case 'blend':
    case 'above-target':
    case 'accept':
      return OUTCOME_NAMES[outcome];
  }
}

/** A sentence as it goes on after a comma. */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** Where the moisture lies, as one sentence for those who cannot see the rule. */
export function ruleSentence(ruling: Ruling): string {
  const { belief, limitPercent } = ruling;
  const low = (belief.mean - belief.expanded).toFixed(1);
  const high = (belief.mean + belief.expanded).toFixed(1);
  const verb = isMeasured(belief) ? rulingWords.measured() : rulingWords.expected();
  return rulingWords.moistureRuleFromToWater({
    verb,
    mean: belief.mean.toFixed(1),
    low,
    high,
    limitPercent: limitPercent.toFixed(1),
  });
}

/** The figure of a ruling, short: 17.4 ± 0.3 where measured, 16–20 where only expected. */
export function answerFigure({ belief }: Ruling): string {
  const { mean, expanded } = belief;
  return isMeasured(belief)
    ? doubtful(mean, expanded)
    : `${Math.max(0, mean - expanded).toFixed(0)}–${(mean + expanded).toFixed(0)}`;
}
