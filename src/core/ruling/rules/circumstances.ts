import { isMeasured } from '../belief';
import { blocksOf } from '../blocks';
import type { Found, Rule, RuleSource } from '../rule';

const PRACTICE: RuleSource['standing'] = 'common practice, no source';

export const blockedForEveryUse: Rule = {
  id: 'blocked',
  title: 'Blocked for every use',
  source: { name: 'labels, local rules, licensed people', standing: PRACTICE },
  needs: ['circumstances', 'comb'],
  find: ({ evidence }) =>
    blocksOf(evidence).map((block) => ({
      bearing: 'reject',
      sentence: `${block}: blocked for every use, blending, cooking, brewing and feeding back included, since neither heat nor fermentation takes it away; the label and local rules decide, not Ripenum.`,
    })),
};

export const syrupInComb: Rule = {
  id: 'syrup',
  title: 'Syrup in the comb',
  source: { name: 'comb that could hold syrup is not honey', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) =>
    evidence.circumstances?.residues.includes('syrup')
      ? [
          {
            bearing: 'divert',
            sentence:
              'It may hold syrup that was fed: not honey, and not to be sold or labelled as such; its own healthy bees may have it back.',
          },
        ]
      : [],
};

const HEALTH_SENTENCES = {
  diseased:
    'A source colony is diseased: no feeding back, wet combs to no other colony; report where local rules ask for it.',
  unknown:
    'The health of its colonies is not known: no feeding back, wet combs to their own colony only.',
} as const;

export const sourceColony: Rule = {
  id: 'source-colony',
  title: 'Health of the source colonies',
  source: { name: 'honey and wet combs carry foulbrood', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) => {
    const { suspectHives = [] } = evidence;
    if (suspectHives.length > 0) {
      const names = suspectHives.join(', ');
      return [
        {
          bearing: 'condition',
          short: 'never feed it back to bees',
          sentence: `Your book marks ${names} as suspect of disease: no feeding back, wet combs to no other colony; ask the bee inspector where local rules have one.`,
        },
      ];
    }
    const health = evidence.circumstances?.sourceHealth ?? 'not-said';
    return health === 'diseased' || health === 'unknown'
      ? [
          {
            bearing: health === 'diseased' ? 'condition' : 'note',
            ...(health === 'diseased' && { short: 'never feed it back to bees' }),
            sentence: HEALTH_SENTENCES[health],
          },
        ]
      : [];
  },
};

export const broodInFrames: Rule = {
  id: 'brood-in-frames',
  title: 'Brood in extracted frames',
  source: { name: 'larvae bring water and protein into honey', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }): Found[] => {
    switch (evidence.circumstances?.brood ?? 'none') {
      case 'none':
        return [];
      case 'sealed':
        return [
          {
            bearing: 'condition',
            short: 'strain it finely and use it within months',
            sentence:
              'Frames with sealed brood were spun: strain it finely and use it within months.',
          },
        ];
      case 'larvae':
        return [
          {
            bearing: 'divert',
            sentence:
              'Larvae were spun out into it: their water and protein make it ferment, so it is not for the jar; strain it and use it soon.',
          },
        ];
    }
  },
};

export const wetEquipment: Rule = {
  id: 'wet-equipment',
  title: 'Equipment was wet',
  source: { name: 'equipment is dry before honey touches it', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence, belief }) => {
    if (!evidence.circumstances?.wetEquipment) return [];
    return isMeasured(belief)
      ? [
          {
            bearing: 'condition',
            short: 'stir each pail before reading',
            sentence:
              'Wet equipment put water into it, the first pails most: stir each before reading, and go by the meter, not by capping.',
          },
        ]
      : [
          {
            bearing: 'measure',
            sentence:
              'Wet equipment put water into it after the comb was judged: capping says nothing of that, so read every pail.',
          },
        ];
  },
};

export const taintCheck: Rule = {
  id: 'taint-check',
  title: 'Scented board on open comb',
  source: { name: 'agent and contact time can taint', standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }): Found[] => {
    switch (evidence.circumstances?.taint ?? 'none') {
      case 'not-tasted':
        return [
          {
            bearing: 'measure',
            step: 'taste',
            sentence:
              'A scented board or cloth lay on open comb and nobody has tasted the honey: let two people smell and taste it first.',
          },
        ];
      case 'clean':
        return [
          {
            bearing: 'note',
            sentence: 'A scented board lay on open comb; the honey was tasted and found clean.',
          },
        ];
      case 'none':
      case 'tainted':
        return [];
    }
  },
};

export const lastFlow: Rule = {
  id: 'last-flow',
  title: 'Last flow in the boxes',
  source: { name: 'wet combs carry one flow into the next', standing: PRACTICE },
  needs: ['circumstances', 'lot'],
  find: ({ evidence }) =>
    evidence.circumstances?.lastFlowInBoxes
      ? [
          {
            bearing: evidence.flower?.plant ? 'condition' : 'note',
            ...(evidence.flower?.plant && { short: 'declare it as mixed honey' }),
            sentence: evidence.flower?.plant
              ? `Boxes went on with honey of the last flow in them: declare it as a mixed honey, not as “${evidence.flower.plant}” alone, unless pollen, conductivity and senses support it.`
              : 'Boxes went on with honey of the last flow in them: declare it as a mixed honey.',
          },
        ]
      : [],
};
