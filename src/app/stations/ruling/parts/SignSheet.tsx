import { useSignForm, type SignTask } from '../useSignForm';
import { useState, type ReactElement } from 'react';
import { OUTCOMES } from '../../../../core';
import { useCommands } from '../../../commands/useCommands';
import { Field } from '../../../entry/Field';
import { signForm } from '../../../forms/lots/signForms';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { headline } from '../../../words/phrasing';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import { rulingWords } from '../../../words/english/ruling';

interface SignFieldsProps {
  task: SignTask;
  onDone: () => void;
}

function SignFields({ task, onDone }: SignFieldsProps): ReactElement {
  const { frame, sign, overriding } = useSignForm(task, onDone);
  return (
    <FormFrame {...frame} onSubmit={sign} label={rulingWords.signTheRuling()}>
      <div className="space-y-5">
        <Field of={signForm} at="initials" />
        <Field
          of={signForm}
          at="outcome"
          choices={OUTCOMES.map((value) => ({ value, label: OUTCOME_NAMES[value] })).reverse()}
          hint={rulingWords.theRulesSay({ headline: headline(task.answer.ruling) })}
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
export function SignSheet(task: SignTask): ReactElement {
  const [open, setOpen] = useState(false);
  useCommands([
    { id: 'sign', title: rulingWords.signTheRuling(), key: 's', run: () => setOpen(true) },
  ]);
  return (
    <>
      <Button tone="onInk" className="mt-5 min-h-14 w-full text-lg" onClick={() => setOpen(true)}>
        {task.file.ruling ? rulingWords.signAgain() : rulingWords.signThisRuling()}
      </Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title={rulingWords.signTheRuling()}
        description={rulingWords.aSignedRulingStaysAs()}
      >
        <SignFields task={task} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}
