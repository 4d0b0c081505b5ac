import type { ReactElement } from 'react';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { settlingEntry } from '../../forms/line/strainForms';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { EmptyNote } from '../../ui/page/EmptyNote';
import { LotPageHeader } from './parts/LotPageHeader';
import { SettlingView } from './parts/SettlingView';
import type { useSettleController } from './useSettleController';
import { settlingWords } from '../../words/english/settling';

function SettlingFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={settlingEntry} at="name" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={settlingEntry} at="heightCm" big />
        <Fields
          of={settlingEntry}
          at={[
            'diameterCm',
            'startC',
            'roomC',
            'moisturePercent',
            'strainedUm',
            'filledAt',
            'endedAt',
          ]}
        />
      </div>
      <Field of={settlingEntry} at="remark" />
    </div>
  );
}

/** Vessels of a lot that stand to clear: what rises by when, and when to skim. */
export function SettleView(props: ReturnType<typeof useSettleController>): ReactElement {
  const { file, nowMs, isGel, settlings, editing, entry } = props;
  return (
    <>
      <LotPageHeader file={file} at="settle" />
      <div className="mt-4 space-y-6">
        <Button tone="ink" className="min-h-14" onClick={() => editing.add()}>
          {settlingWords.aContainerIsSettling()}
        </Button>
        {isGel && (
          <p className="border-l-8 border-ink pl-4 text-xl font-bold">
            {settlingWords.lingIsAGelNothing()}
          </p>
        )}
        {settlings.length === 0 && (
          <EmptyNote>{settlingWords.typeTheDepthAndTemperature()}</EmptyNote>
        )}
        {settlings.map((settling) => (
          <SettlingView
            key={settling.entityId}
            file={file}
            settling={settling}
            nowMs={nowMs}
            onEdit={() => editing.edit(settling)}
          />
        ))}
      </div>
      <EntrySheet
        {...editing}
        {...entry}
        kind="settling"
        ownerId={file.lot.entityId}
        what={settlingWords.theVessel()}
        title={editing.record ? editing.record.content.name : settlingWords.settling()}
        description={settlingWords.coverItOpenHoneyTakes()}
      >
        <SettlingFields />
      </EntrySheet>
    </>
  );
}
