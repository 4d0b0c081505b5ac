import type { Rule } from '../rule';
import { percent } from '../say';

/** From here on containers are told apart [% moisture]. @source common practice, no source */
export const CONTAINERS_APART_PERCENT = 1;

export const spreadOfVessels: Rule = {
  id: 'spread-of-vessels',
  title: 'Spread between containers',
  source: {
    name: 'containers that differ are sold apart or blended',
    standing: 'common practice, no source',
  },
  needs: ['reading', 'vessel'],
  find: ({ belief, evidence }) => {
    const vessels = belief.measured?.vessels ?? [];
    if (vessels.length < 2) return [];
    const sorted = [...vessels].sort((a, b) => a.meanPercent - b.meanPercent);
    const [driest, wettest] = [sorted[0]!, sorted[sorted.length - 1]!];
    const apart = wettest.meanPercent - driest.meanPercent;
    if (apart < CONTAINERS_APART_PERCENT) return [];
    const name = (id: string | null): string =>
      evidence.vessels.find((one) => one.id === id)?.label ?? 'the lot';
    return [
      {
        bearing: 'condition',
        short: 'label each container by itself, or blend them',
        sentence: `Containers differ by ${percent(apart)} (${name(driest.vesselId)} ${percent(driest.meanPercent)}, ${name(wettest.vesselId)} ${percent(wettest.meanPercent)}): label each by itself, or blend them.`,
      },
    ];
  },
};
