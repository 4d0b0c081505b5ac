import { isMeasured } from '../belief';
import { blocksOf } from '../blocks';
import type { Found, Rule, RuleSource } from '../rule';
import { say } from '../../message/message';

const PRACTICE: RuleSource['standing'] = 'practice';

export const blockedForEveryUse: Rule = {
  id: 'blocked',
  title: say('rules.blockedForEveryUse'),
  source: { name: say('rules.labelsLocalRulesLicensedPeople'), standing: PRACTICE },
  needs: ['circumstances', 'comb'],
  find: ({ evidence }) =>
    blocksOf(evidence).map((block) => ({
      bearing: 'reject',
      sentence: say('rules.blockedForEveryUseIncluding', { block }),
    })),
};

export const syrupInComb: Rule = {
  id: 'syrup',
  title: say('rules.syrupInTheComb'),
  source: { name: say('rules.combThatCouldHoldSyrup'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) =>
    evidence.circumstances?.residues.includes('syrup')
      ? [
          {
            bearing: 'divert',
            sentence: say('rules.itMayContainSyrupThat'),
          },
        ]
      : [],
};

const HEALTH_SENTENCES = {
  diseased: say('rules.aSourceColonyIsDiseased'),
  unknown: say('rules.theHealthOfItsColonies'),
} as const;

export const sourceColony: Rule = {
  id: 'source-colony',
  title: say('rules.healthOfTheSourceColonies'),
  source: { name: say('rules.honeyAndWetCombsCarry'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }) => {
    const { suspectHives = [] } = evidence;
    if (suspectHives.length > 0) {
      const names = suspectHives.join(', ');
      return [
        {
          bearing: 'condition',
          short: say('rules.neverFeedItBackTo'),
          sentence: say('rules.yourRecordsMarkAsSuspected', { names }),
        },
      ];
    }
    const health = evidence.circumstances?.sourceHealth ?? 'not-said';
    return health === 'diseased' || health === 'unknown'
      ? [
          {
            bearing: health === 'diseased' ? 'condition' : 'note',
            ...(health === 'diseased' && { short: say('rules.neverFeedItBackTo') }),
            sentence: HEALTH_SENTENCES[health],
          },
        ]
      : [];
  },
};

export const broodInFrames: Rule = {
  id: 'brood-in-frames',
  title: say('rules.broodInExtractedFrames'),
  source: { name: say('rules.larvaeBringWaterAndProtein'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }): Found[] => {
    switch (evidence.circumstances?.brood ?? 'none') {
      case 'none':
        return [];
      case 'sealed':
        return [
          {
            bearing: 'condition',
            short: say('rules.strainItFinelyAndUse'),
            sentence: say('rules.framesWithSealedBroodWere'),
          },
        ];
      case 'larvae':
        return [
          {
            bearing: 'divert',
            sentence: say('rules.larvaeWereSpunIntoIt'),
          },
        ];
    }
  },
};

export const wetEquipment: Rule = {
  id: 'wet-equipment',
  title: say('rules.equipmentWasWet'),
  source: { name: say('rules.equipmentIsDryBeforeHoney'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence, belief }) => {
    if (!evidence.circumstances?.wetEquipment) return [];
    return isMeasured(belief)
      ? [
          {
            bearing: 'condition',
            short: say('rules.stirEachPailBeforeReading'),
            sentence: say('rules.wetEquipmentPutWaterInto'),
          },
        ]
      : [
          {
            bearing: 'measure',
            sentence: say('rules.wetEquipmentPutWaterIntoIt'),
          },
        ];
  },
};

export const taintCheck: Rule = {
  id: 'taint-check',
  title: say('rules.scentedBoardOnOpenComb'),
  source: { name: say('rules.agentAndContactTimeCan'), standing: PRACTICE },
  needs: ['circumstances'],
  find: ({ evidence }): Found[] => {
    switch (evidence.circumstances?.taint ?? 'none') {
      case 'not-tasted':
        return [
          {
            bearing: 'measure',
            step: 'taste',
            sentence: say('rules.aScentedBoardOrCloth'),
          },
        ];
      case 'clean':
        return [
          {
            bearing: 'note',
            sentence: say('rules.aScentedBoardLayOn'),
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
  title: say('rules.lastFlowInTheBoxes'),
  source: { name: say('rules.wetCombsCarryOneFlow'), standing: PRACTICE },
  needs: ['circumstances', 'lot'],
  find: ({ evidence }) =>
    evidence.circumstances?.lastFlowInBoxes
      ? [
          {
            bearing: evidence.flower?.plant ? 'condition' : 'note',
            ...(evidence.flower?.plant && { short: say('rules.declareItAsMixedHoney') }),
            sentence: evidence.flower?.plant
              ? say('rules.boxesStillHeldHoneyFrom', { plant: evidence.flower.plant })
              : say('rules.boxesStillHeldHoneyFromThe'),
          },
        ]
      : [],
};
