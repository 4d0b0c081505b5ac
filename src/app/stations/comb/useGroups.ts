import { useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import { flowOf, limitOfDay, type HarvestDay, climateOfDay } from '../../../model';
import {
  draftTyped,
  perform,
  selectDraft,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { nextCode } from '../../forms/lots/lotCode';
import { groupItems, groupedBy, keysInLots, type Group, type GroupRule } from './grouping';
import { lotRecords } from './lotsOfDay';
import { useLots, useTakenCodes } from '../../data/useWorkspaceModel';
import { combWords } from '../../words/english/comb';

interface Kept {
  readonly rules: readonly GroupRule[];
  readonly groups: readonly Group[];
}

/** What was moved, where the draft has the shape of today; an older one is made anew from the rule. */
function keptIn(draft: Readonly<Record<string, unknown>> | undefined): Kept | undefined {
  const { rules, groups } = (draft ?? {}) as Partial<Kept>;
  const fits =
    Array.isArray(rules) &&
    Array.isArray(groups) &&
    groups.every(
      (group: Partial<Group> | null) =>
        typeof group?.name === 'string' && Array.isArray(group.keys),
    );
  return fits ? (draft as unknown as Kept) : undefined;
}

/** Keeps groups to frames that are still there, and puts new frames where the rule wants them. */
function upToDate(kept: Kept, proposed: readonly Group[], keys: ReadonlySet<string>): Group[] {
  const groups = kept.groups.map((item) => ({
    ...item,
    keys: item.keys.filter((key) => keys.has(key)),
  }));
  const known = new Set(groups.flatMap((item) => item.keys));
  const fresh = proposed
    .map((item) => ({ ...item, keys: item.keys.filter((key) => !known.has(key)) }))
    .filter((item) => item.keys.length > 0);
  for (const group of fresh) {
    const same = groups.find((item) => item.name === group.name);
    if (same) same.keys.push(...group.keys);
    else groups.push(group);
  }
  return groups;
}

/** Lots being made from the frames of a day; what was moved is kept until they are made. */
export function useGroups(day: HarvestDay) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const formKey = `groups:${day.harvest.entityId}`;
  const draft = useAppSelector((state) => selectDraft(state, formKey));
  const kept = useMemo(() => keptIn(draft), [draft]);
  const lots = useLots();
  const taken = useTakenCodes();
  const { entityId: harvestId, content: harvest } = day.harvest;

  const items = useMemo(() => {
    const own = lots.flatMap((lot) =>
      lot.frames?.content.harvestId === harvestId ? [lot.frames.content] : [],
    );
    return groupItems(day, keysInLots(own));
  }, [day, lots, harvestId]);
  const rules = kept?.rules ?? ['flow'];
  const parting = { ripeShare: day.judging.school.ripeShare, dayName: harvest.name };
  const proposed = groupedBy(items, rules, parting);
  const keys = new Set(items.map((item) => item.key));
  const groups = kept ? upToDate(kept, proposed, keys) : proposed;

  const put = (next: Kept): void => {
    dispatch(draftTyped({ formKey, values: { ...next } }));
  };
  const setGroups = (next: readonly Group[]): void => put({ rules, groups: next });
  const setRules = (next: readonly GroupRule[]): void =>
    put({ rules: next, groups: groupedBy(items, next, parting) });

  const isMaking = useRef(false);
  const make = async (): Promise<void> => {
    if (isMaking.current) return; // a second tap makes no second lot
    isMaking.current = true;
    await makeLots().finally(() => {
      isMaking.current = false;
    });
  };
  const makeLots = async (): Promise<void> => {
    const wanted = groups.filter((group) => group.keys.length > 0);
    const codes = [...taken];
    const basis = {
      harvestId,
      harvest,
      school: day.judging.school,
      limitPercent: limitOfDay(day.book, day.harvest),
      climate: climateOfDay(day),
      plant: flowOf(day.book, harvest.flowId)?.content.plant ?? '',
    };
    const done = await dispatch(
      perform(
        combWords.lotsMade({ wanted: wanted.length }),
        (scribe) =>
          wanted.flatMap(({ name, keys: own }) => {
            const code = nextCode(harvest.day, codes);
            codes.push(code);
            const frames = items.filter((item) => own.includes(item.key)).map((item) => item.frame);
            return lotRecords(scribe, basis, { code, name, frames });
          }),
        { draft: formKey },
      ),
    );
    if (!done.ok) return;
    const first = done.value[0]?.ownerId ?? '';
    await navigate(`/${workspace}/${wanted.length === 1 ? `lots/${first}` : 'today'}`);
  };
  return { items, rules, groups, setGroups, setRules, make };
}
