import { useMemo, type ReactElement } from 'react';
import { useFieldArray } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { type LotContents } from '../../../model';
import { firstRevision } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useRuleSets } from '../../data/useRuleSets';
import { freshContainer } from '../../forms/lots/containerForm';
import type { Parsed } from '../../entry/reader';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { freshNewLot, readNewLot, type NewLot, type NewLotForm } from './newLot';
import { AnswerBar } from './parts/AnswerBar';
import { AnswerSlab } from '../../lot/AnswerSlab';
import { CombFields } from './parts/CombFields';
import { ContainerFields } from './parts/ContainerFields';
import { LotLimitFields, LotNameFields } from './parts/LotFields';
import { LotRule } from '../../lot/LotRule';
import { SheetSection } from '../../ui/page/SheetSection';
import { WhatWouldChange } from './parts/WhatWouldChange';
import { useAnswer, type Answer } from '../../lot/useLot';
import { useTakenCodes } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { rulingWords } from '../../words/english/ruling';

const FORM_KEY = 'new-lot';

function contentsOfNew(lot: NewLot): LotContents {
  const containers = lot.containers.map((content, at) => ({ entityId: `new-${at}`, content }));
  return { ...lot, containers, frames: null, readings: [] };
}

/** The ruling that stands already, from what has been tapped so far. */
function EarlyAnswer({ answer }: { answer: Answer }): ReactElement {
  return (
    <div className="space-y-6 wide:sticky wide:top-4">
      <AnswerSlab ruling={answer.ruling} provisional={false} />
      <LotRule answer={answer} />
      <WhatWouldChange answer={answer} />
    </div>
  );
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
    const fallback = freshNewLot(new Date(), taken, rules);
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

/** Starts a lot; the answer stands beside the form from the first tap. */
export function NewLotScreen(): ReactElement {
  const taken = useTakenCodes();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const ruleSets = useRuleSets();
  const rules = useMemo(() => ({ preferences, ruleSets }), [preferences, ruleSets]);
  const defaults = useMemo(() => freshNewLot(new Date(), taken, rules), [taken, rules]);
  const parse = (form: NewLotForm) => readNewLot(form, taken, rules);
  const { form, parsed, frame, start, submit } = useDraftForm({
    formKey: FORM_KEY,
    defaults,
    parse,
  });
  const containers = useFieldArray({ control: form.control, name: 'containers' });
  const typed = form.watch();
  const answer = useAnswer(useReadable(typed, parsed, taken));

  const begin = submit(async ({ lot, comb, containers: entries }) => {
    const done = await dispatch(
      perform(
        rulingWords.lotStarted({ code: lot.code }),
        (scribe) => {
          const first = firstRevision(scribe, 'lot', lot);
          const inLot = first.entityId;
          return [
            first,
            ...entries.map((entry) => firstRevision(scribe, 'container', entry, inLot)),
            ...(comb ? [firstRevision(scribe, 'comb-judgement', comb, inLot)] : []),
          ];
        },
        { draft: FORM_KEY },
      ),
    );
    const lotId = done.ok ? done.value[0]?.ownerId : undefined;
    if (lotId === undefined) return;
    start(defaults);
    await navigate(`/${workspace}/lots/${lotId}`);
  });

  return (
    <>
      <h1 className="py-4 text-4xl font-bold">{commonWords.newLot()}</h1>
      <AnswerBar ruling={answer.ruling} />
      <div className="mt-4 grid gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
        <FormFrame {...frame} onSubmit={begin} label={commonWords.newLot()}>
          <div className="space-y-8">
            <SheetSection id="new-comb" title={rulingWords.theComb()}>
              <CombFields under="comb" />
            </SheetSection>
            <SheetSection id="new-lot" title={commonWords.theLot()}>
              <LotNameFields under="lot" />
            </SheetSection>
            <SheetSection
              id="new-containers"
              title={rulingWords.containers3()}
              aside={
                <Button onClick={() => containers.append(freshContainer(preferences))}>
                  {rulingWords.anotherKind()}
                </Button>
              }
            >
              <div className="space-y-8">
                {containers.fields.map((field, at) => (
                  <div
                    key={field.id}
                    role="group"
                    aria-label={rulingWords.containers({ at: at + 1 })}
                  >
                    <ContainerFields under={`containers.${at}`} />
                    <Button tone="quiet" onClick={() => containers.remove(at)}>
                      {rulingWords.removeTheseContainers()}
                    </Button>
                  </div>
                ))}
              </div>
            </SheetSection>
            <SheetSection id="new-limits" title={rulingWords.limitsStorageSigns()}>
              <LotLimitFields under="lot" />
            </SheetSection>
            <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
              {rulingWords.startThisLot()}
            </Button>
          </div>
        </FormFrame>
        <EarlyAnswer answer={answer} />
      </div>
    </>
  );
}
