import { expectedOf, isMeasured } from '../belief';
import { NO_CIRCUMSTANCES } from '../circumstances';
import { resolvedGuess } from '../../quality/combColour';
import type { Rule, RuleSource } from '../rule';
import { percent } from '../say';

const PRACTICE: RuleSource['standing'] = 'common practice, no source';

export const dryingHistory: Rule = {
  id: 'drying-history',
  title: 'Drying and wetting again',
  source: { name: 'readings in the warm room', standing: 'our choice' },
  needs: ['comb'],
  find: ({ evidence, belief }) => {
    const { drying } = evidence;
    if (!drying) return [];
    const days = `${drying.days.toFixed(1)} days in a warm room`;
    const course = drying.course
      ? `, ${percent(drying.course.fromPercent)} to ${percent(drying.course.toPercent)} there`
      : '';
    if (drying.rewetted) {
      return [
        {
          bearing: isMeasured(belief) ? 'condition' : 'measure',
          ...(isMeasured(belief) && { short: 'keep it closed and read it once more' }),
          sentence: `${days}${course}: a later reading was wetter than an earlier one, so it took water up again; read it after the last of it, and keep it closed.`,
        },
      ];
    }
    const expected = evidence.comb && belief.basis === 'comb' ? expectedOf(evidence.comb) : null;
    const still = expected ? '; what the comb leads one to expect is from before that' : '';
    return [{ bearing: 'note', sentence: `${days}${course}${still}.` }];
  },
};

/** Finest opening that still lets nearly all pollen pass [µm]. @source most pollen is smaller than 100 µm, recalled from memory; rules of several places, local rules decide */
const KEEPS_POLLEN_UM = 100;

export const finestMesh: Rule = {
  id: 'finest-mesh',
  title: 'Finest mesh',
  source: { name: 'nearly all pollen is smaller than 100 µm', standing: 'recalled from memory' },
  needs: ['lot'],
  find: ({ evidence }) => {
    const { finestMeshUm } = evidence;
    if (finestMeshUm === undefined) return [];
    return finestMeshUm < KEEPS_POLLEN_UM
      ? [
          {
            bearing: 'condition',
            short: 'declare that it was finely filtered',
            sentence: `It ran through ${finestMeshUm.toFixed(0)} µm, which may take pollen out: rules of several places then call it “filtered”, and that must be declared; local rules decide.`,
          },
        ]
      : [
          {
            bearing: 'note',
            sentence: `Finest mesh ${finestMeshUm.toFixed(0)} µm: nearly all pollen stays in.`,
          },
        ];
  },
};

export const setHoney: Rule = {
  id: 'set-honey',
  title: 'Granulated',
  source: { name: 'mass balance with glucose monohydrate', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) => {
    const { setState } = evidence.circumstances ?? NO_CIRCUMSTANCES;
    return setState === 'part'
      ? [
          {
            bearing: 'condition',
            short: 'keep it cold, or use it soon',
            sentence:
              'It has set in part: what is still liquid is wetter than the whole, so keep it cold, or liquefy it in a closed jar and use it soon.',
          },
        ]
      : [];
  },
};

const APART = {
  'glass-is-lighter':
    'lighter than it looked against the light: old wax makes light honey look dark, so go by the glass',
  'glass-is-darker':
    'darker than it looked against the light: another flow may be in it, or it was heated',
} as const;

export const colourOfLot: Rule = {
  id: 'colour-apart',
  title: 'Colour in comb and in glass',
  source: { name: 'colour in the comb is provisional', standing: PRACTICE },
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
            sentence: `Guessed ${guess.replace('-', ' ')} in the comb, ${inGlass.replaceAll('-', ' ')} in glass: ${APART[resolved]}.`,
          },
        ];
  },
};
