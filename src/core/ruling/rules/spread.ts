import type { Rule } from '../rule';
import { type MessageValue, percent, say } from '../../message/message';

/** From here on containers are told apart [% moisture]. @source common practice, no source */
export const CONTAINERS_APART_PERCENT = 1;

export const spreadOfVessels: Rule = {
  id: 'spread-of-vessels',
  title: say('rules.spreadBetweenContainers'),
  source: {
    name: say('rules.containersThatDifferAreSold'),
    standing: 'practice',
  },
  needs: ['reading', 'vessel'],
  find: ({ belief, evidence }) => {
    const vessels = belief.measured?.vessels ?? [];
    if (vessels.length < 2) return [];
    const sorted = [...vessels].sort((a, b) => a.meanPercent - b.meanPercent);
    const [driest, wettest] = [sorted[0]!, sorted[sorted.length - 1]!];
    const apart = wettest.meanPercent - driest.meanPercent;
    if (apart < CONTAINERS_APART_PERCENT) return [];
    const name = (id: string | null): MessageValue =>
      evidence.vessels.find((vessel) => vessel.id === id)?.label ?? say('rules.theLot');
    return [
      {
        bearing: 'condition',
        short: say('rules.labelEachContainerByItself'),
        sentence: say('rules.containersDifferByLabelEach', {
          apart: percent(apart),
          name: name(driest.vesselId),
          meanPercent: percent(driest.meanPercent),
          name2: name(wettest.vesselId),
          meanPercent2: percent(wettest.meanPercent),
        }),
      },
    ];
  },
};
