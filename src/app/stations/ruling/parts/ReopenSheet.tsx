import { useRecordForm } from '../../../forms/useRecordForm';
import { reopenRuling } from '../lotActs';
import { useState, type ReactElement } from 'react';
import { type RulingRecord } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Fields } from '../../../entry/Fields';
import { reopenEntry, type ReopenForm } from '../../../forms/lots/signForms';
import type { Parsed } from '../../../entry/reader';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Sheet } from '../../../ui/forms/Sheet';
import { rulingWords } from '../../../words/english/ruling';

function ReopenFields({
  ruling,
  onDone,
}: {
  ruling: RulingRecord;
  onDone: () => void;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const defaults: ReopenForm = { initials: preferences.initials, reason: '' };
  const { frame, keep } = useRecordForm({
    formKey: `reopen:${ruling.entityId}`,
    defaults,
    parse: (form): Parsed<ReopenForm> => reopenEntry.read(form, preferences),
    act: (content, options) => reopenRuling(ruling, content, options),
    onKept: onDone,
  });
  return (
    <FormFrame {...frame} onSubmit={keep} label={rulingWords.reopenTheRuling()}>
      <div className="space-y-5">
        <Fields of={reopenEntry} at={['initials', 'reason']} />
        <Button type="submit" tone="ink" className="min-h-14">
          {rulingWords.reopen()}
        </Button>
      </div>
    </FormFrame>
  );
}

/** Opening a signed ruling again; what was signed stays in the history. */
export function ReopenSheet({ ruling }: { ruling: RulingRecord }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button tone="onInk" className="mt-3 w-full" onClick={() => setOpen(true)}>
        {rulingWords.reopen()}
      </Button>
      <Sheet
        open={open}
        onOpenChange={setOpen}
        title={rulingWords.reopenTheRuling()}
        description={rulingWords.whatWasSignedStaysIn()}
      >
        <ReopenFields ruling={ruling} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}
