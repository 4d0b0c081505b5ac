import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { selectPreferences, selectWorkspace, useAppDispatch, useAppSelector } from '../../../store';
import { isInStore } from '../../data/watchList';
import { useStore } from '../../data/useWorkspaceModel';
import { freshBlend, readBlendForm, type BlendForm } from '../../forms/store/blendForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { isoToday } from '../../format/dates';
import { blendContent } from './blendContent';
import { isMeasured } from '../../../core';
import type { StoredLot } from '../../../model';
import { barredBecause, blendStore } from './blendContainers';
import { keepBlend } from './storeActs';
import { useBlendPlan } from './useBlendPlan';

/** Lots that may be poured from, and those that may not, with the reason: nothing of them is offered. */
function offered(lots: readonly StoredLot[]) {
  const barredOf = ({ evidence, ruling }: StoredLot): string | null =>
    barredBecause(evidence, isMeasured(ruling.belief));
  const leftOut = lots.flatMap((lot) => {
    const because = barredOf(lot);
    const { name, code } = lot.file.lot.content;
    return because === null ? [] : [{ name: name || code, because }];
  });
  return { here: lots.filter((lot) => barredOf(lot) === null), leftOut };
}

/** A blend being planned: what is asked, what the solver has found, and keeping the best. */
export function useBlendController() {
  const lots = useStore();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const { search, plan, cancel } = useBlendPlan();
  const { question } = search;
  const { here, leftOut } = useMemo(() => offered(lots.filter(isInStore)), [lots]);
  const defaults = freshBlend(
    here.map(({ file }) => file.lot.entityId),
    preferences,
  );
  const { parsed, frame, start, submit, draft } = useDraftForm({
    formKey: 'blend',
    defaults,
    parse: (values: BlendForm) => readBlendForm(values, preferences),
  });
  const storeOf = (lotIds: readonly string[]) =>
    blendStore(here.filter(({ file }) => lotIds.includes(file.lot.entityId)));
  const ask = submit((settings) => {
    const { containers, systematicPercent } = storeOf(settings.lotIds);
    const chosen = here.filter(({ file }) => settings.lotIds.includes(file.lot.entityId));
    const limitPercent = Math.min(...chosen.map(({ ruling }) => ruling.limitPercent));
    const { tanks, targetPercent, aim, mixFlows, mixColours, wholeOnly, openingWorthKg } = settings;
    const asked = { tanks, targetPercent, aim, mixFlows, mixColours, wholeOnly, openingWorthKg };
    plan({ task: { ...asked, containers, systematicPercent }, limitPercent });
    return Promise.resolve();
  });
  const keep = async (): Promise<void> => {
    const { best } = search;
    if (!question || !best || !parsed.ok) return;
    const content = blendContent(best, {
      task: question.task,
      lots: here,
      name: parsed.content.name,
      day: isoToday(),
    });
    const done = await dispatch(keepBlend(content, { draft }));
    if (!done.ok) return;
    start(defaults);
    void navigate(`/${workspace}/store/blend/${done.value[0]?.entityId ?? ''}`);
  };
  return { lots: here, leftOut, frame, search, ask, cancel, keep };
}
