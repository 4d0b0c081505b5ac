import { useState, type ReactElement } from 'react';
import { type LotFile } from '../../../../model';
import { firstRevision } from '../../../../records';
import { perform, selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { FRESH_COMB, SHAKE_CHOICES, combEntry, readCombForm } from '../../../forms/lots/combForm';
import { useDraftForm } from '../../../forms/useDraftForm';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { CombFields } from './CombFields';
import { CorrectSheet } from '../../../ui/forms/CorrectSheet';
import { SheetSection } from '../../../ui/page/SheetSection';

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
      form.setError('cappedTenths', { message: 'Choose how many tenths were capped.' });
      return;
    }
    const done = await dispatch(
      perform(
        'Comb judgement kept',
        (scribe) => [firstRevision(scribe, 'comb-judgement', content, lotId)],
        { draft },
      ),
    );
    if (done.ok) start(FRESH_COMB);
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label="Judge the comb">
      <div className="space-y-5">
        <CombFields />
        <Button type="submit" tone="ink">
          Keep this judgement
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
      <SheetSection id="comb" title="Comb">
        <CombEntry lotId={file.lot.entityId} />
      </SheetSection>
    );
  }
  const shake = SHAKE_CHOICES.find((one) => one.value === comb.content.shake)?.label ?? '';
  return (
    <SheetSection
      id="comb"
      title="Comb"
      aside={<Button onClick={() => setCorrecting(true)}>Correct the comb</Button>}
    >
      <p className="text-lg">
        <strong className="text-3xl">{comb.content.cappedTenths}</strong> of 10 capped · shake test:{' '}
        {shake.toLowerCase()}
      </p>
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={comb}
        what="the comb"
        formOf={combEntry.fill(comb.content, preferences)}
        parse={(values) => readCombForm(values, preferences)}
      >
        <CombFields />
      </CorrectSheet>
    </SheetSection>
  );
}
