import { saveCombJudgement } from '../lotActs';
import { useState, type ReactElement } from 'react';
import { type LotFile } from '../../../../model';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { FRESH_COMB, SHAKE_CHOICES, combEntry, readCombForm } from '../../../forms/lots/combForm';
import { useDraftForm } from '../../../forms/useDraftForm';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { CombFields } from './CombFields';
import { CorrectSheet } from '../../../ui/forms/CorrectSheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';

function CombEntry({ lotId }: { lotId: string }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { form, frame, start, submit, draft } = useDraftForm({
    formKey: `comb:${lotId}`,
    defaults: FRESH_COMB,
    parse: (values) => readCombForm(values, preferences),
  });
  const keep = submit(async (content) => {
    if (content === null) {
      form.setError('cappedTenths', { message: rulingWords.chooseHowMuchWasCapped() });
      return;
    }
    if ((await dispatch(saveCombJudgement(content, lotId, { draft }))).ok) start(FRESH_COMB);
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={rulingWords.judgeTheComb()}>
      <div className="space-y-5">
        <CombFields />
        <Button type="submit" tone="ink">
          {rulingWords.saveThisJudgement()}
        </Button>
      </div>
    </FormFrame>
  );
}

/** What was seen of the comb, or the form to say so. */
export function CombSection({ file }: { file: LotFile }): ReactElement {
  const [correcting, setCorrecting] = useState(false);
  const preferences = useAppSelector(selectPreferences);
  const { comb } = file;
  if (!comb) {
    return (
      <SheetSection id="comb" title={commonWords.comb()}>
        <CombEntry lotId={file.lot.entityId} />
      </SheetSection>
    );
  }
  const shake =
    SHAKE_CHOICES.find((shakeChoice) => shakeChoice.value === comb.content.shake)?.label ?? '';
  return (
    <SheetSection
      id="comb"
      title={commonWords.comb()}
      aside={<Button onClick={() => setCorrecting(true)}>{rulingWords.correctTheComb()}</Button>}
    >
      <p className="text-lg">
        <strong className="text-3xl">{comb.content.cappedTenths}</strong>{' '}
        {rulingWords.ofCappedShakeTest({ shake: shake.toLowerCase() })}
      </p>
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={comb}
        what={rulingWords.theCombInside()}
        formOf={combEntry.fill(comb.content, preferences)}
        parse={(values) => readCombForm(values, preferences)}
      >
        <CombFields />
      </CorrectSheet>
    </SheetSection>
  );
}
