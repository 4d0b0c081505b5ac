import { isoToday } from '../../format/dates';
import { useFieldArray } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { selectWorkspace, selectPreferences, useAppSelector } from '../../../store';
import { useTakenCodes } from '../../data/useWorkspaceModel';
import { freshContainer } from '../../forms/lots/containerForm';
import { useRecordForm } from '../../forms/useRecordForm';
import { useAnswer } from '../../lot/useLot';
import { startLot } from './lotActs';
import { useMemo } from 'react';
import { type LotContents } from '../../../model';
import { useRuleSets } from '../../data/useRuleSets';
import type { Parsed } from '../../entry/reader';
import { freshNewLot, readNewLot, type NewLot, type NewLotForm } from './newLot';

const FORM_KEY = 'new-lot';

function contentsOfNew(lot: NewLot): LotContents {
  const containers = lot.containers.map((content, at) => ({ entityId: `new-${at}`, content }));
  return { ...lot, containers, frames: null, readings: [] };
}

/** What the answer rests on while some field is still wrong: the parts that can be read. */
function useReadable(
  form: NewLotForm,
  parsed: Parsed<NewLot>,
  taken: readonly string[],
): LotContents {
  const preferences = useAppSelector(selectPreferences);
  const ruleSets = useRuleSets();
  const text = JSON.stringify(form);
  const whole = parsed.ok ? JSON.stringify(parsed.content) : null;
  return useMemo(() => {
    if (whole !== null) return contentsOfNew(JSON.parse(whole) as NewLot);
    const typed = JSON.parse(text) as NewLotForm;
    const rules = { preferences, ruleSets };
    const fallback = freshNewLot(isoToday(), taken, rules);
    const { honeyKind, ruleSetId, signs } = typed.lot;
    const lot = { ...fallback.lot, honeyKind, ruleSetId, signs };
    const candidates = [typed, { ...typed, lot }, { ...fallback, lot, comb: typed.comb }];
    for (const candidate of candidates) {
      const read = readNewLot(candidate, [], rules);
      if (read.ok) return contentsOfNew(read.content);
    }
    const nothing = readNewLot(fallback, [], rules);
    if (!nothing.ok) throw new Error('a fresh lot must be valid');
    return contentsOfNew(nothing.content);
  }, [whole, text, taken, preferences, ruleSets]);
}

/** A lot being started: its form, the answer that stands already, and its containers so far. */
export function useNewLotController() {
  const taken = useTakenCodes();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const ruleSets = useRuleSets();
  const rules = useMemo(() => ({ preferences, ruleSets }), [preferences, ruleSets]);
  const defaults = useMemo(() => freshNewLot(isoToday(), taken, rules), [taken, rules]);
  const { form, parsed, frame, keep } = useRecordForm({
    formKey: FORM_KEY,
    defaults,
    parse: (typed: NewLotForm) => readNewLot(typed, taken, rules),
    act: startLot,
    onKept: async ([lot]) => {
      if (lot) await navigate(`/${workspace}/lots/${lot.entityId}`);
    },
  });
  const containers = useFieldArray({ control: form.control, name: 'containers' });
  const answer = useAnswer(useReadable(form.watch(), parsed, taken));
  return {
    form,
    frame,
    answer,
    begin: keep,
    containers: containers.fields,
    addContainer: () => containers.append(freshContainer(preferences)),
    removeContainer: (at: number) => containers.remove(at),
  };
}
