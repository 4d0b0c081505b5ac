import { Plus } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { useFieldArray } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { EXTRACTED_ACTS, priorExpectation, ruleSetOf, expandedOf } from '../../../core';
import { type Book, crop } from '../../../model';
import { type Scribe } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isoDay } from '../../format/dates';
import { formatQuantity } from '../../format/units';
import { nextCode } from '../../forms/lots/lotCode';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../../ui/Button';
import { ErrorOf } from '../../ui/fields/ErrorOf';
import { FormFrame } from '../../ui/forms/FormFrame';
import { MoistureRule } from '../../ui/charts/MoistureRule';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import {
  MOST_FEW,
  quickTakeLooks,
  quickTakeRecords,
  freshQuickTake,
  freshFewFrame,
  isJudged,
  readQuickTake,
  type QuickTake,
  type QuickTakeForm,
  quickTakeForm,
} from './quickTake';
import { FewFrameFields } from './parts/FewFrameFields';
import { useBook, useTakenCodes } from '../../data/useWorkspaceModel';
import { combWords } from '../../words/english/comb';

/** Writes into the air: for looking at what would be kept. */
function previewScribe(): Scribe {
  let count = 0;
  return {
    newId: () => `preview-${(count += 1)}`,
    now: () => '2000-01-01T00:00:00.000Z',
    author: '',
  };
}

/** What goes into the bucket, before anything is kept. */
function FewAnswer({ quickTake, book }: { quickTake: QuickTake | null; book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const found = useMemo(
    () =>
      quickTake &&
      crop(quickTakeLooks(previewScribe(), quickTake, book.ruleSets).judged, priorExpectation()),
    [quickTake, book],
  );
  if (!quickTake || !found) {
    return (
      <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
        {combWords.tapHowMuchOfEach()}
      </p>
    );
  }
  const { mass, expected } = found;
  const { ruleSetId, honeyKind } = quickTake.harvest;
  const limit = ruleSetOf(ruleSetId, book.ruleSets).moistureLimitPercent[honeyKind];
  return (
    <div>
      <div role="status" className="on-ink bg-ink p-5 text-linen">
        <p className="text-lg font-semibold">{combWords.takeIt()}</p>
        <p className="text-5xl leading-tight font-extrabold">
          {formatQuantity(mass.massKg, 'mass', preferences)}
        </p>
        <p className="text-lg">
          {combWords.waterExpected({
            mean: expected.mean.toFixed(1),
            expandedOf: expandedOf(expected).toFixed(1),
          })}
        </p>
      </div>
      <div className="mt-4">
        <MoistureRule
          limitPercent={limit}
          targetPercent={quickTake.harvest.targetPercent}
          guardPercent={null}
          belief={expected}
          readings={[]}
          label={combWords.moistureRuleExpectedLimit({
            mean: expected.mean.toFixed(1),
            limit: limit.toFixed(1),
          })}
        />
      </div>
    </div>
  );
}

/** Three frames and a bucket: from the comb to a lot on one screen. */
export function QuickTakeScreen(): ReactElement {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const taken = useTakenCodes();
  const book = useBook();
  const formats = book.formats;
  const today = isoDay(new Date());
  const defaults = useMemo(() => freshQuickTake(), []);
  const { form, frame, parsed, start, submit, draft } = useDraftForm<QuickTakeForm, QuickTake>({
    formKey: 'few-frames',
    defaults,
    parse: (values) => readQuickTake(values, preferences, today),
  });
  const frames = useFieldArray({ control: form.control, name: 'frames' });
  const quickTake = parsed.ok ? parsed.content : null;
  const judged = quickTake ? quickTakeLooks(previewScribe(), quickTake, book.ruleSets).judged : [];
  const typed = form.watch('frames');
  const placeOf = (at: number): number => typed.slice(0, at).filter(isJudged).length;

  /** Frames that go into the bucket: what is put back makes no lot. */
  const takenCount = (content: QuickTake): number =>
    quickTakeLooks(previewScribe(), content, book.ruleSets).judged.filter((one) =>
      EXTRACTED_ACTS.includes(one.act),
    ).length;
  const make = submit(async (content) => {
    const done = await dispatch(
      perform(
        takenCount(content) > 0
          ? combWords.lotMadeOfFrames({ takenCount: takenCount(content) })
          : combWords.framesJudgedNoneTakenNo({ looks: content.looks.length }),
        (scribe) =>
          quickTakeRecords(scribe, content, {
            code: nextCode(new Date(), taken),
            ...(book && { ruleSets: book.ruleSets }),
          }),
        { draft },
      ),
    );
    if (!done.ok) return;
    start(freshQuickTake());
    const lot = done.value.find((one) => one.kind === 'lot');
    await navigate(`/${workspace}/${lot ? `lots/${lot.entityId}` : 'comb'}`);
  });
  return (
    <>
      <h1 className="pt-5 text-4xl leading-tight font-bold">{combWords.aFewFramesAndA()}</h1>
      <FormFrame {...frame} onSubmit={make} label={combWords.aFewFrames()}>
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
          <div className="space-y-6">
            {frames.fields.map((field, at) => {
              const typedFrame = typed[at];
              return (
                <FewFrameFields
                  key={field.id}
                  at={at}
                  judged={typedFrame && isJudged(typedFrame) ? (judged[placeOf(at)] ?? null) : null}
                  onRemove={() => frames.remove(at)}
                />
              );
            })}
            {frames.fields.length < MOST_FEW && (
              <Button className="min-h-14" onClick={() => frames.append(freshFewFrame())}>
                <Plus aria-hidden className="size-6" /> {combWords.anotherFrame()}
              </Button>
            )}
          </div>
          <div className="space-y-6 wide:sticky wide:top-4 wide:self-start">
            <FewAnswer quickTake={quickTake} book={book} />
            <div className="grid gap-5 sm:grid-cols-2">
              <Fields of={quickTakeForm} at={['name', 'plant']} />
              <Field
                of={quickTakeForm}
                at="formatId"
                choices={formats.map((format) => ({ value: format.id, label: format.name }))}
              />
              <Field of={quickTakeForm} at="massKg" />
            </div>
            <Button type="submit" tone="ink" className="min-h-16 w-full text-xl">
              {quickTake && takenCount(quickTake) === 0
                ? combWords.saveWhatISawNothing()
                : combWords.makeTheLot()}
            </Button>
            <ErrorOf name="frames" />
          </div>
        </div>
      </FormFrame>
    </>
  );
}
