import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { SheetSection } from '../../ui/page/SheetSection';
import { CloseLooks } from './parts/frame/CloseLooks';
import { SurveyAnswer } from './parts/SurveyAnswer';
import { SurveyBoxes } from './parts/SurveyBoxes';
import type { useSurveyController } from './useSurveyController';
import { type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../entry/Field';
import { surveyForm, type SurveyForm } from '../../forms/hives/surveyForm';
import { ErrorOf } from '../../ui/fields/ErrorOf';
import { SideQuick } from './parts/frame/SideQuick';
import { FieldFold } from '../../ui/forms/FieldFold';
import { SHAKE_NAMES } from '../../forms/lots/combForm';
import { combWords } from '../../words/english/comb';

/** By which look all of them are judged. */
function LookFields(): ReactElement {
  const { watch, setValue } = useFormContext<SurveyForm>();
  const [capped, honey, shake] = watch(['cappedTenths', 'honeyTenths', 'shake']);
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
      <FieldFold
        title={combWords.combHoldsAndShake({ honey, shake: SHAKE_NAMES[shake].toLowerCase() })}
        fields={['honeyTenths', 'shake']}
      >
        <Field of={surveyForm} at="honeyTenths" shape="cells" />
        <Field of={surveyForm} at="shake" />
      </FieldFold>
    </div>
  );
}

/** A box, a stack or a whole yard at once, with a sample that says how far to trust it. */
export function SurveyView(props: ReturnType<typeof useSurveyController>): ReactElement {
  const { day, frame, keep, size, school, found } = props;
  return (
    <>
      <PageHead title={combWords.judgeAWholeYardOr()} lead={day.harvest.content.name} />
      <FormFrame {...frame} onSubmit={keep} label={combWords.judgeAWholeYardOr()}>
        <Columns share="main-first">
          <div className="space-y-8">
            <SurveyBoxes day={day} />
            <LookFields />
            <SheetSection id="looks" title={combWords.lookCloselyAtThese()}>
              <CloseLooks size={size} />
            </SheetSection>
            <Field of={surveyForm} at="act" />
            <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
              {combWords.saveThisJudgement()}
            </Button>
          </div>
          <div className="wide:sticky wide:top-4 wide:self-start">
            <SurveyAnswer school={school} found={found} />
          </div>
        </Columns>
      </FormFrame>
    </>
  );
}
