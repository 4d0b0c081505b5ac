import { useMemo, useState, type ReactElement } from 'react';
import { VISCOSITY_RANGE_PERCENT } from '../../../core';
import type { LotFile } from '../../../model';
import type { SettlingRecord } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { useNow } from '../../data/useNow';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { freshSettling, settlingEntry } from '../../forms/line/strainForms';
import { LotGate } from '../../lot/LotGate';
import { useLotMoisture } from '../../lot/useLotMoisture';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { LotPageHeader } from './parts/LotPageHeader';
import { SettlingView } from './parts/SettlingView';
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

function SettleView({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const nowMs = useNow(60_000);
  const moment = useMoment();
  const [edited, setEdited] = useState<SettlingRecord | 'new' | null>(null);
  const record = edited === 'new' ? null : edited;
  const moisture = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const formOf = useMemo(
    () => settlingEntry.fill(record?.content ?? freshSettling(moment, moisture), preferences),
    [record, moment, moisture, preferences],
  );
  const isHeather = file.lot.content.honeyKind === 'heather';
  return (
    <>
      <LotPageHeader file={file} at="settle" />
      <div className="mt-4 space-y-6">
        <Button tone="ink" className="min-h-14" onClick={() => setEdited('new')}>
          {settlingWords.aContainerIsSettling()}
        </Button>
        {isHeather && (
          <p className="border-l-8 border-ink pl-4 text-xl font-bold">
            {settlingWords.lingIsAGelNothing()}
          </p>
        )}
        {file.settlings.length === 0 && (
          <p className="max-w-3xl text-xl">{settlingWords.typeTheDepthAndTemperature()}</p>
        )}
        {[...file.settlings].reverse().map((settling) => (
          <SettlingView
            key={settling.entityId}
            file={file}
            settling={settling}
            nowMs={nowMs}
            onEdit={() => setEdited(settling)}
          />
        ))}
      </div>
      <EntrySheet
        open={edited !== null}
        onOpenChange={(open) => !open && setEdited(null)}
        kind="settling"
        record={record}
        ownerId={file.lot.entityId}
        what={settlingWords.theVessel()}
        title={record ? record.content.name : settlingWords.settling()}
        description={settlingWords.coverItOpenHoneyTakes()}
        formOf={formOf}
        parse={(form) =>
          settlingEntry.read(form, preferences, { rest: { skims: record?.content.skims ?? [] } })
        }
      >
        <SettlingFields />
      </EntrySheet>
    </>
  );
}

/** Vessels of a lot that stand to clear: what rises by when, and when to skim. */
export function SettleScreen(): ReactElement {
  return <LotGate View={SettleView} />;
}
