import { useState, type ReactElement } from 'react';
import { OUTCOMES } from '../../../../core';
import {
  evidenceIdsOf,
  firstRevision,
  rulingContentSchema,
  type LotFile,
  signedRulingContent,
  type RulingContent,
  type Signature,
} from '../../../../records';
import {
  perform,
  keepPreferences,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
} from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
import { useMeters } from '../../../data/useMeters';
import { FormReader, type Parsed } from '../../../forms/parsed';
import { useDraftForm } from '../../../forms/useDraftForm';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { headline } from '../../../format/phrasing';
import { Button } from '../../../ui/Button';
import { ChoiceField } from '../../../ui/ChoiceField';
import { FormFrame } from '../../../ui/FormFrame';
import { Sheet } from '../../../ui/Sheet';
import { TextField } from '../../../ui/TextField';
import type { Answer } from '../../../lot/useLot';

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
    const candidate = signedRulingContent(values, { ...answer, evidenceIds });
    return new FormReader(preferences).finish(rulingContentSchema, candidate, (path) => path);
  };
  const formKey = `sign:${file.lot.entityId}:${proposed}`;
  const { form, restored, start, submit } = useDraftForm({ formKey, defaults, parse });
  const overriding = form.watch('outcome') !== proposed;

  const sign = submit(async (content) => {
    const { initials, outcome } = content;
    if (initials !== preferences.initials) void dispatch(keepPreferences({ initials }));
    const label = `Signed by ${initials}: ${OUTCOME_NAMES[outcome].toLowerCase()}`;
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
    <FormFrame
      form={form}
      restored={restored}
      onDiscard={() => start(defaults)}
      onSubmit={sign}
      label="Sign the ruling"
    >
      <div className="space-y-5">
        <TextField name="initials" label="Your initials" />
        <ChoiceField
          name="outcome"
          label="Your decision"
          choices={OUTCOMES.map((value) => ({ value, label: OUTCOME_NAMES[value] })).reverse()}
          hint={`The rules propose: ${headline(answer.ruling)}.`}
        />
        {overriding && (
          <TextField
            name="overrideReason"
            label="Why otherwise than the rules"
            hint="Stays with the ruling and in the dossier."
          />
        )}
        <TextField name="remark" label="Remark" hint="Optional" />
        <Button type="submit" tone="ink">
          Sign
        </Button>
      </div>
    </FormFrame>
  );
}

/** Signing: initials, decision, reason where it differs from the rules. */
export function SignSheet({ file, answer }: SignSheetProps): ReactElement {
  const [open, setOpen] = useState(false);
  useCommands([{ id: 'sign', title: 'Sign the ruling', key: 's', run: () => setOpen(true) }]);
  return (
    <>
      <Button tone="onInk" className="mt-5 min-h-14 w-full text-lg" onClick={() => setOpen(true)}>
        {file.ruling ? 'Sign anew' : 'Sign this ruling'}
      </Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title="Sign the ruling"
        description="A signed ruling stays as it is. New evidence leads to a new ruling beside it."
      >
        <SignFields file={file} answer={answer} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}
