import { expectedOf, isMeasured } from '../belief';
import { NO_CIRCUMSTANCES } from '../circumstances';
import { resolvedGuess } from '../../quality/combColour';
import type { Rule, RuleSource } from '../rule';
import { percent, say } from '../../message/message';

const PRACTICE: RuleSource['standing'] = 'practice';

export const dryingHistory: Rule = {
  id: 'drying-history',
  title: say('rules.dryingAndWettingAgain'),
  source: { name: say('rules.readingsInTheWarmRoom'), standing: 'choice' },
  needs: ['comb'],
  find: ({ evidence, belief }) => {
    const { drying } = evidence;
    if (!drying) return [];
    const days = say('rules.daysInAWarmRoom', { days: Number(drying.days.toFixed(1)) });
    const course = drying.course
      ? say('rules.toThere', {
          fromPercent: percent(drying.course.fromPercent),
          toPercent: percent(drying.course.toPercent),
        })
      : '';
    if (drying.rewetted) {
      return [
        {
          bearing: isMeasured(belief) ? 'condition' : 'measure',
          ...(isMeasured(belief) && { short: say('rules.keepItClosedAndRead') }),
          sentence: say('rules.aLaterReadingWasWetter', { days, course }),
        },
      ];
    }
    const expected = evidence.comb && belief.basis === 'comb' ? expectedOf(evidence.comb) : null;
    const still = expected ? say('rules.whatTheCombSuggestsIs') : '';
    return [{ bearing: 'note', sentence: say('rules.driedThere', { days, course, still }) }];
  },
};

/** Finest opening that still lets nearly all pollen pass [µm]. @source most pollen is smaller than 100 µm, recalled from memory; rules of several places, local rules decide */
const KEEPS_POLLEN_UM = 100;

export const finestMesh: Rule = {
  id: 'finest-mesh',
  title: say('rules.finestMesh'),
  source: { name: say('rules.nearlyAllPollenIsSmaller'), standing: 'recalled' },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { finestMeshUm } = evidence;
    if (finestMeshUm === undefined) return [];
    return finestMeshUm < KEEPS_POLLEN_UM
      ? [
          {
            bearing: 'condition',
            short: say('rules.declareItAsFiltered'),
            sentence: say('rules.itWasStrainedThroughM', { finestMeshUm: finestMeshUm.toFixed(0) }),
          },
        ]
      : [
          {
            bearing: 'note',
            sentence: say('rules.finestMeshMNearlyAll', { finestMeshUm: finestMeshUm.toFixed(0) }),
          },
        ];
  },
};

export const setHoney: Rule = {
  id: 'set-honey',
  title: say('rules.granulated'),
  source: { name: say('rules.massBalanceWithGlucoseMonohydrate'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) => {
    const { setState } = evidence.circumstances ?? NO_CIRCUMSTANCES;
    return setState === 'part'
      ? [
          {
            bearing: 'condition',
            short: say('rules.keepItColdOrUse'),
            sentence: say('rules.itHasPartlySetWhat'),
          },
        ]
      : [];
  },
};

const APART = {
  'glass-is-lighter': say('rules.lighterThanItLookedAgainst'),
  'glass-is-darker': say('rules.darkerThanItLookedAgainst'),
} as const;

export const colourOfLot: Rule = {
  id: 'colour-apart',
  title: say('rules.colourInCombAndIn'),
  source: { name: say('rules.colourInTheCombIs'), standing: PRACTICE },
  needs: ['lot'],
  find: ({ evidence }) => {
    if (!evidence.colour) return [];
    const { guess, inGlass } = evidence.colour;
    const resolved = resolvedGuess(guess, inGlass);
    return resolved === 'right'
      ? []
      : [
          {
            bearing: 'note',
            sentence: say('rules.guessedInTheCombIn', {
              guess: say(`colours.${guess}`),
              inGlass: say(`colours.${inGlass}`),
              apart: APART[resolved],
            }),
          },
        ];
  },
};
