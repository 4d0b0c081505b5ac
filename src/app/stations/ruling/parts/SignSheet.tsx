import { useState, type ReactElement } from 'react';
import { OUTCOMES } from '../../../../core';
import {
  evidenceIdsOf,
  type LotFile,
  signedRulingContent,
  type Signature,
} from '../../../../model';
import { firstRevision, rulingContentSchema, type RulingContent } from '../../../../records';
import {
  perform,
  keepPreferences,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
} from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
import { finish } from '../../../entry/entry';
import { Field } from '../../../entry/Field';
import { signForm } from '../../../forms/lots/signForms';
import { Reader, type Parsed } from '../../../entry/reader';
import { useDraftForm } from '../../../forms/useDraftForm';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { headline } from '../../../words/phrasing';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import type { Answer } from '../../../lot/useLot';
import { useMeters } from '../../../data/useWorkspaceModel';
import { rulingWords } from '../../../words/english/ruling';
import { inWordsOf } from '../../../words/tell';

/** The fields of a signature as they are typed. */
type SignForm = { -readonly [K in keyof Signature]: Signature[K] };

interface SignSheetProps {
  file: LotFile;
  answer: Answer;
}

function SignFields({
  file,
  answer,
  onDone,
}: SignSheetProps & { onDone: () => void }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const proposed = answer.ruling.outcome;
  const defaults: SignForm = {
    outcome: proposed,
    initials: preferences.initials,
    overrideReason: '',
    remark: '',
  };
  const evidenceIds = evidenceIdsOf(file, useMeters());
  const parse = (values: SignForm): Parsed<RulingContent> => {
    const candidate = signedRulingContent(
      values,
      { ...answer, evidenceIds },
      inWordsOf(preferences),
    );
    return finish(new Reader(preferences), rulingContentSchema, candidate);
  };
  const formKey = `sign:${file.lot.entityId}:${proposed}`;
  const { form, frame, start, submit } = useDraftForm({ formKey, defaults, parse });
  const overriding = form.watch('outcome') !== proposed;

  const sign = submit(async (content) => {
    const { initials, outcome } = content;
    if (initials !== preferences.initials) void dispatch(keepPreferences({ initials }));
    const label = rulingWords.signedBy({ initials, outcome: OUTCOME_NAMES[outcome].toLowerCase() });
    const done = await dispatch(
      perform(
        label,
        (scribe) => [
          firstRevision({ ...scribe, author: initials }, 'ruling', content, file.lot.entityId),
        ],
        { draft: formKey },
      ),
    );
    if (!done.ok) return;
    start(defaults);
    onDone();
  });

  return (
    <FormFrame {...frame} onSubmit={sign} label={rulingWords.signTheRuling()}>
      <div className="space-y-5">
        <Field of={signForm} at="initials" />
        <Field
          of={signForm}
          at="outcome"
          choices={OUTCOMES.map((value) => ({ value, label: OUTCOME_NAMES[value] })).reverse()}
          hint={rulingWords.theRulesSay({ headline: headline(answer.ruling) })}
        />
        {overriding && <Field of={signForm} at="overrideReason" />}
        <Field of={signForm} at="remark" />
        <Button type="submit" tone="ink">
          {rulingWords.sign()}
        </Button>
      </div>
    </FormFrame>
  );
}

/** Signing: initials, decision, reason where it differs from the rules. */
export function SignSheet({ file, answer }: SignSheetProps): ReactElement {
  const [open, setOpen] = useState(false);
  useCommands([
    { id: 'sign', title: rulingWords.signTheRuling(), key: 's', run: () => setOpen(true) },
  ]);
  return (
    <>
      <Button tone="onInk" className="mt-5 min-h-14 w-full text-lg" onClick={() => setOpen(true)}>
        {file.ruling ? rulingWords.signAgain() : rulingWords.signThisRuling()}
      </Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title={rulingWords.signTheRuling()}
        description={rulingWords.aSignedRulingStaysAs()}
      >
        <SignFields file={file} answer={answer} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}
