import { useState, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { useNavigate, useParams } from 'react-router';
import { verdictOfSurvey, type HarvestDay } from '../../../model';
import { firstRevision, type SurveyContent } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { useHarvest } from '../../data/useHarvest';
import { Field } from '../../entry/Field';
import {
  freshSurvey,
  readSurveyForm,
  surveyForm,
  surveySize,
  type SurveyForm,
} from '../../forms/hives/surveyForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../../ui/Button';
import { ErrorOf } from '../../ui/fields/ErrorOf';
import { FormFrame } from '../../ui/forms/FormFrame';
import { NothingHere } from '../../ui/page/NothingHere';
import { SheetSection } from '../../ui/page/SheetSection';
import { Waiting } from '../../ui/page/Waiting';
import { CloseLooks } from './parts/frame/CloseLooks';
import { SideQuick } from './parts/frame/SideQuick';
import { SurveyBoxes } from './parts/SurveyBoxes';
import { percentRange } from './words';
import { combWords } from '../../words/english/comb';

/** By which look all of them are judged. */
function LookFields(): ReactElement {
  const { watch, setValue } = useFormContext<SurveyForm>();
  const [capped, honey] = watch(['cappedTenths', 'honeyTenths']);
  return (
    <div className="space-y-6">
      <div>
        <p className="mb-1 text-base font-semibold">{combWords.cappedOverallByEye()}</p>
        <SideQuick
          name={combWords.theWhole()}
          side={{
            cappedTenths: capped === '' ? null : Number(capped),
            honeyTenths: Number(honey),
            undrawnTenths: 0,
            broodTenths: 0,
          }}
          onChange={(change) => {
            if (change.honeyTenths !== undefined)
              setValue('honeyTenths', String(change.honeyTenths));
            setValue('cappedTenths', String(change.cappedTenths ?? ''), { shouldDirty: true });
          }}
        />
        <ErrorOf name="cappedTenths" />
      </div>
      <Field of={surveyForm} at="honeyTenths" shape="cells" />
      <Field of={surveyForm} at="shake" />
    </div>
  );
}

/** What the sample says about the rest, in the largest letters. */
function SurveyAnswer({
  content,
  day,
}: {
  content: SurveyContent | null;
  day: HarvestDay;
}): ReactElement {
  const { school } = day.judging;
  const verdict = content && verdictOfSurvey(content, school.id, day.book);
  if (!content || !verdict) {
    return (
      <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
        {combWords.lookAtTwoOrMore()}
      </p>
    );
  }
  const frames = content.boxes * content.framesPerBox;
  return (
    <div role="status" className="on-ink bg-ink p-5 text-linen">
      <p className="text-lg font-semibold">{combWords.cappedOverAllFrames({ frames })}</p>
      <p className="text-6xl leading-tight font-extrabold whitespace-nowrap">
        {percentRange(verdict.interval)}
      </p>
      <p className="text-lg">
        {combWords.ofCheckedBelowTheOf({
          looks: content.looks.length,
          sampleSize: content.sampleSize,
          short: verdict.short,
          ripeShare: Math.round(school.ripeShare * 100),
          name: school.name,
        })}{' '}
        <strong>{verdict.shortAtMost}</strong> {combWords.ofAllAreBelowIt({ frames })}
      </p>
    </div>
  );
}

/** Where the sample starts: drawn once, kept with the judgement. */
const randomStart = (): number => Math.random();

function SurveyView({ day }: { day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const { entityId: harvestId, content: harvest } = day.harvest;
  const [defaults] = useState(() => freshSurvey(randomStart(), preferences));
  const { form, parsed, frame, start, submit, draft } = useDraftForm({
    formKey: `stroke:${harvestId}`,
    defaults,
    parse: (values) => readSurveyForm(values, preferences, day.book),
  });
  const typed = form.watch();
  const keep = submit(async (content) => {
    const done = await dispatch(
      perform(
        combWords.judged({ label: content.label }),
        (scribe) => [firstRevision(scribe, 'stroke', content, harvestId)],
        { draft },
      ),
    );
    if (!done.ok) return;
    start(freshSurvey(randomStart(), preferences));
    await navigate(`/${workspace}/comb/${harvestId}`);
  });
  return (
    <>
      <h1 className="pt-5 text-4xl leading-tight font-bold">{combWords.judgeAWholeYardOr()}</h1>
      <p className="mt-1 text-lg text-ink-soft">{harvest.name}</p>
      <FormFrame {...frame} onSubmit={keep} label={combWords.judgeAWholeYardOr()}>
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
          <div className="space-y-8">
            <SurveyBoxes day={day} />
            <LookFields />
            <SheetSection id="looks" title={combWords.lookCloselyAtThese()}>
              <CloseLooks size={surveySize(typed, preferences)} />
            </SheetSection>
            <Field of={surveyForm} at="act" />
            <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
              {combWords.saveThisJudgement()}
            </Button>
          </div>
          <div className="wide:sticky wide:top-4 wide:self-start">
            <SurveyAnswer content={parsed.ok ? parsed.content : null} day={day} />
          </div>
        </div>
      </FormFrame>
    </>
  );
}

/** A box, a stack or a whole yard at once, with a sample that says how far to trust it. */
export function SurveyScreen(): ReactElement {
  const { harvestId = '' } = useParams();
  const state = useHarvest(harvestId);
  if (state.status === 'loading') return <Waiting />;
  return state.status === 'missing' ? <NothingHere /> : <SurveyView day={state.day} />;
}
