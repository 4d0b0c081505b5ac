import { useState, type ReactElement } from 'react';
import { cleanUpSteps, type CleanUpStep } from '../../../core';
import { type ExtractionFile } from '../../../model';
import {
  DISEASE_STATES,
  firstRevision,
  nextRevision,
  type ExtractionContent,
} from '../../../records';
import { perform, useAppDispatch } from '../../../store';
import { CLEAN_UP_WORDS } from '../../words/strainWords';
import { useDraftText } from '../../forms/useDraftText';
import { Button } from '../../ui/Button';
import { SheetSection } from '../../ui/page/SheetSection';
import { INPUT } from '../../ui/classes';
import { DayGate } from './parts/DayGate';
import { DayHeader } from './parts/DayHeader';
import { lineWords } from '../../words/english/line';
import { formatDayTime } from '../../format/dates';

const CAUTIONS: Readonly<Record<CleanUpStep['cautions'][number], string>> = {
  foulbrood: lineWords.wetCombsCarryFoulbroodFrom(),
  robbing: lineWords.wetBoxesAttractRobbersPut(),
  neighbours: lineWords.putOutInTheOpen(),
  blend: lineWords.whatIsLeftOfOne(),
  mildew: lineWords.combsStoredWetFermentAnd(),
};

type Situation = ExtractionContent['cleanUp'];

const QUESTIONS: readonly { key: Exclude<keyof Situation, 'disease'>; asks: string }[] = [
  { key: 'flowNow', asks: lineWords.beesFindNectarNow() },
  { key: 'nextFlowNamed', asks: lineWords.theNextFlowsNameWill() },
  { key: 'originLost', asks: lineWords.itIsNotKnownWhich() },
];

const DISEASE_NAMES: Readonly<Record<Situation['disease'], string>> = {
  'none-known': lineWords.allLookedHealthy(),
  suspected: lineWords.oneMayBeSick(),
  unknown: lineWords.notChecked(),
};

/** What decides which tasks apply; each press is kept at once. */
function SituationForm({ file }: { file: ExtractionFile }): ReactElement {
  const dispatch = useAppDispatch();
  const { extraction } = file;
  const { cleanUp } = extraction.content;
  const set = (change: Partial<Situation>): void =>
    void dispatch(
      perform(lineWords.cleanUpFactsChanged(), (scribe) => [
        nextRevision(scribe, extraction, {
          content: { ...extraction.content, cleanUp: { ...cleanUp, ...change } },
          reason: lineWords.moreIsKnownNow(),
        }),
      ]),
    );
  return (
    <div className="space-y-4">
      <fieldset>
        <legend className="text-base font-semibold">{lineWords.theColonies()}</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {DISEASE_STATES.map((diseaseState) => (
            <Button
              key={diseaseState}
              tone={cleanUp.disease === diseaseState ? 'ink' : 'line'}
              aria-pressed={cleanUp.disease === diseaseState}
              className="min-h-14"
              onClick={() => set({ disease: diseaseState })}
            >
              {DISEASE_NAMES[diseaseState]}
            </Button>
          ))}
        </div>
      </fieldset>
      {QUESTIONS.map(({ key, asks }) => (
        <Button
          key={key}
          tone={cleanUp[key] ? 'ink' : 'line'}
          aria-pressed={cleanUp[key]}
          className="min-h-14 w-full justify-start!"
          onClick={() => set({ [key]: !cleanUp[key] })}
        >
          {asks}: {cleanUp[key] ? lineWords.yes() : lineWords.no()}
        </Button>
      ))}
    </div>
  );
}

interface StepRowProps {
  file: ExtractionFile;
  step: CleanUpStep;
}

/** One task: what, why, what to mind, and whether it is done. */
function StepRow({ file, step }: StepRowProps): ReactElement {
  const dispatch = useAppDispatch();
  const formKey = `chore:${file.extraction.entityId}:${step.task}`;
  const { text: because, begun, type, drop } = useDraftText(formKey);
  const [asking, setAsking] = useState(false);
  const isAsking = asking || begun;
  const { what, why } = CLEAN_UP_WORDS[step.task];
  const chore = file.chores.find((one) => one.content.task === step.task);
  const keep = async (how: 'done' | 'otherwise', reason: string): Promise<void> => {
    const done = await dispatch(
      perform(
        how === 'done' ? lineWords.tickedItOff() : lineWords.doneDifferently(),
        (scribe) => [
          firstRevision(
            scribe,
            'chore',
            { task: step.task, doneAt: scribe.now(), how, because: reason },
            file.extraction.entityId,
          ),
        ],
        { draft: formKey },
      ),
    );
    if (done.ok) setAsking(false);
  };
  return (
    <li className="py-4">
      <h3 className="text-xl font-bold">{what}</h3>
      <p className="text-lg">{why}</p>
      {step.cautions.map((caution) => (
        <p key={caution} className="mt-1 border-l-4 border-ink pl-3 text-base font-semibold">
          {CAUTIONS[caution]}
        </p>
      ))}
      {chore ? (
        <p className="mt-2 flex flex-wrap items-center gap-3 text-lg font-semibold">
          {chore.content.how === 'done'
            ? lineWords.done()
            : lineWords.differently({ because: chore.content.because })}
          , {formatDayTime(chore.content.doneAt)}
          <Button
            tone="quiet"
            onClick={() =>
              void dispatch(
                perform(lineWords.notDoneAfterAll(), (scribe) => [
                  nextRevision(scribe, chore, {
                    withdrawn: true,
                    reason: lineWords.notDoneAfterAll(),
                  }),
                ]),
              )
            }
          >
            {lineWords.notDoneAfterAll()}
            <span className="sr-only">: {what}</span>
          </Button>
        </p>
      ) : (
        <div className="mt-2 flex flex-wrap gap-3">
          <Button tone="ink" className="min-h-14" onClick={() => void keep('done', '')}>
            {lineWords.done()}
            <span className="sr-only">: {what}</span>
          </Button>
          <Button
            className="min-h-14"
            onClick={() => {
              setAsking(!isAsking);
              if (isAsking) drop();
            }}
            aria-expanded={isAsking}
          >
            {lineWords.otherOptions()}
            <span className="sr-only">: {what}</span>
          </Button>
        </div>
      )}
      {isAsking && !chore && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (because.trim() !== '') void keep('otherwise', because.trim());
          }}
        >
          <label className="grow text-base font-semibold">
            {lineWords.howAndWhy()}
            <input
              className={INPUT}
              value={because}
              maxLength={500}
              autoFocus
              onChange={(event) => type(event.target.value)}
            />
          </label>
          <Button type="submit" className="min-h-14" disabled={because.trim() === ''}>
            {lineWords.keep()}
          </Button>
        </form>
      )}
    </li>
  );
}

function CleanUpView({ file }: { file: ExtractionFile }): ReactElement {
  const { cleanUp } = file.extraction.content;
  const steps = cleanUpSteps(cleanUp);
  const open = steps.filter(
    (step) => !file.chores.some((chore) => chore.content.task === step.task),
  );
  return (
    <>
      <DayHeader file={file} at="/clean-up" />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <SheetSection
          id="steps"
          title={open.length === 0 ? lineWords.allIsDone() : lineWords.toDo({ open: open.length })}
        >
          <ul className="divide-y divide-thread">
            {steps.map((step) => (
              <StepRow key={step.task} file={file} step={step} />
            ))}
          </ul>
        </SheetSection>
        <SheetSection id="situation" title={lineWords.whatThisDependsOn()}>
          <SituationForm file={file} />
          <p className="mt-4 text-base">{lineWords.framesAndBoxesCappingsAnd()}</p>
        </SheetSection>
      </div>
    </>
  );
}

/** What is to be done once the honey is out, with the reason for each. */
export function CleanUpScreen(): ReactElement {
  return <DayGate View={CleanUpView} />;
}
