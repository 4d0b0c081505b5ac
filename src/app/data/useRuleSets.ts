import type { RuleSet } from '../../core';
import type { Choice } from '../ui/fields/ChoiceField';
import { useBook } from './useWorkspaceModel';
import { todayWords } from '../words/english/today';

/** Every rule set that lots may be under: the shipped ones, then the keeper's own, removed ones too. */
export const useRuleSets = (): readonly RuleSet[] => useBook().ruleSets;

/** The rule sets that can be chosen: the shipped ones, then the keeper's own. */
export function useOfferedRuleSets(): readonly RuleSet[] {
  const ruleSets = useRuleSets();
  const own = new Set(useBook().ownRuleSets.map((ruleSet) => ruleSet.entityId));
  return ruleSets.filter((ruleSet) => ruleSet.status !== 'own' || own.has(ruleSet.id));
}

/**
 * Rule sets to choose from. One that was removed is offered only where it is in force.
 *
 * @param chosenId - the one in force
 */
export function useRuleSetChoices(chosenId: string): Choice[] {
  const offered = useOfferedRuleSets();
  const removed = useRuleSets().filter(
    (ruleSet) => ruleSet.id === chosenId && !offered.includes(ruleSet),
  );
  return [...offered, ...removed].map((ruleSet) => ({
    value: ruleSet.id,
    label: `${ruleSet.name}, ${ruleSet.edition}${removed.includes(ruleSet) ? todayWords.removed() : ''}`,
  }));
}
