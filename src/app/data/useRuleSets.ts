import { RULE_SETS, type RuleSet } from '../../core';
import type { Choice } from '../ui/ChoiceField';
import { useBook } from './useBook';

/** Every rule set that lots may be under: the shipped ones, then the keeper's own. */
export const useRuleSets = (): readonly RuleSet[] => useBook()?.ruleSets ?? RULE_SETS;

/**
 * Rule sets to choose from. One that was removed is offered only where it is in force.
 *
 * @param chosenId - the one in force
 */
export function useRuleSetChoices(chosenId: string): Choice[] {
  const ruleSets = useRuleSets();
  const own = useBook()?.ownRuleSets ?? [];
  const offered = new Set([...RULE_SETS.map((one) => one.id), ...own.map((one) => one.entityId)]);
  return ruleSets
    .filter((one) => offered.has(one.id) || one.id === chosenId)
    .map((one) => ({
      value: one.id,
      label: `${one.name}, ${one.edition}${offered.has(one.id) ? '' : ' (removed)'}`,
    }));
}
