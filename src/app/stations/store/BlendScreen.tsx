import { useEffect, useMemo, useRef, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { firstRevision } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isInStore } from '../../data/watchList';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { blendEntry, freshBlend, readBlendForm, type BlendForm } from '../../forms/store/blendForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { isoDay } from '../../format/dates';
import { answerFigure, headline } from '../../words/phrasing';
import { formatQuantity } from '../../format/units';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { blendContent } from './blendContent';
import { blendStore } from './blendContainers';
import { BlendAnswer } from './parts/BlendAnswer';
import { useBlendPlan } from './useBlendPlan';
import { useStore } from '../../data/useWorkspaceModel';
import type { StoredLot } from '../../../model';
import { blendWords } from '../../words/english/blend';
import { commonWords } from '../../words/english/common';

function BlendFields({ lots }: { lots: readonly StoredLot[] }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const choices = lots.map(({ file, ruling, vessels }) => {
    const left = vessels.reduce((sum, vessel) => sum + (vessel.leftKg ?? 0), 0);
    const name = file.lot.content.name || file.lot.content.code;
    return {
      value: file.lot.entityId,
      label: `${name}, ${formatQuantity(left, 'mass', preferences)}, ${answerFigure(ruling)} %: ${headline(ruling)}`,
    };
  });
  return (
    <>
      <Field of={blendEntry} at="lotIds" choices={choices} oneColumn />
      <Field of={blendEntry} at="aim" />
      <div className="grid gap-5 sm:grid-cols-3">
        <Field of={blendEntry} at="targetPercent" big />
        <Field of={blendEntry} at="tankCount" big />
        <Field of={blendEntry} at="capacityKg" big />
      </div>
      <Field of={blendEntry} at="allowed" oneColumn />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={blendEntry} at={['openingWorthKg', 'name']} />
      </div>
    </>
  );
}

function BlendPlanner({ lots }: { lots: readonly StoredLot[] }): ReactElement {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const { search, plan, cancel } = useBlendPlan();
  const answer = useRef<HTMLDivElement>(null);
  const { question } = search;
  // The form is long: once something was asked, its answer comes into sight.
  useEffect(() => {
    if (question) answer.current?.scrollIntoView({ block: 'start' });
  }, [question]);
  const here = useMemo(() => lots.filter(isInStore), [lots]);
  const defaults = freshBlend(
    here.map((one) => one.file.lot.entityId),
    preferences,
  );
  const { parsed, frame, start, submit, draft } = useDraftForm({
    formKey: 'blend',
    defaults,
    parse: (values: BlendForm) => readBlendForm(values, preferences),
  });
  const storeOf = (lotIds: readonly string[]) =>
    blendStore(here.filter((one) => lotIds.includes(one.file.lot.entityId)));
  const ask = submit((settings) => {
    const { containers, systematicPercent } = storeOf(settings.lotIds);
    const chosen = here.filter((one) => settings.lotIds.includes(one.file.lot.entityId));
    const limitPercent = Math.min(...chosen.map((one) => one.ruling.limitPercent));
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
      day: isoDay(new Date()),
    });
    const done = await dispatch(
      perform(blendWords.plannedABlend(), (scribe) => [firstRevision(scribe, 'blend', content)], {
        draft,
      }),
    );
    if (!done.ok) return;
    start(defaults);
    void navigate(`/${workspace}/store/blend/${done.value[0]?.entityId ?? ''}`);
  };
  return (
    <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
      <FormFrame {...frame} onSubmit={ask} label={blendWords.theBlend()}>
        <div className="space-y-5">
          <BlendFields lots={here} />
          <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
            {blendWords.findTheBestBlend()}
          </Button>
        </div>
      </FormFrame>
      <div ref={answer} className="scroll-mt-4">
        <BlendAnswer search={search} lots={here} onCancel={cancel} onKeep={() => void keep()} />
      </div>
    </div>
  );
}

/** Plans a blend: which containers into which tanks, so that most honey is saved. */
export function BlendScreen(): ReactElement {
  const lots = useStore();
  return (
    <>
      <p className="pt-5 text-base font-semibold">{commonWords.store()}</p>
      <h1 className="text-4xl font-bold">{blendWords.planABlend()}</h1>
      <p className="mt-1 max-w-3xl text-lg">{blendWords.drierHoneyBringsWetHoney()}</p>
      <BlendPlanner lots={lots} />
    </>
  );
}
