import { climateOfDay, type HarvestDay } from '../../../model';
import { useExpectation } from '../../data/useExpectation';
import { moved } from './grouping';
import { useGroups } from './useGroups';
import { combWords } from '../../words/english/comb';

/** Frames of a day on their way into lots: parted by rules, then moved by hand. */
export function useGroupController(day: HarvestDay) {
  const { items, groups, rules, setGroups, setRules, make } = useGroups(day);
  const expectation = useExpectation(climateOfDay(day));
  /** One frame to another lot; past the last one, to a new lot. */
  const move = (key: string, to: number): void => {
    const wanted =
      to < groups.length ? groups : [...groups, { name: combWords.anotherLot(), keys: [] }];
    setGroups(moved(wanted, key, to).filter(({ keys }, at) => keys.length > 0 || at === to));
  };
  const rename = (at: number, name: string): void =>
    setGroups(groups.map((group, place) => (place === at ? { ...group, name } : group)));
  const full = groups.filter(({ keys }) => keys.length > 0).length;
  return { day, items, groups, rules, setRules, expectation, move, rename, full, make };
}
