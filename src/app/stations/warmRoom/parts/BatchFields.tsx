import type { ReactElement } from 'react';
import { get, useFormContext } from 'react-hook-form';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { batchEntry, freshBatch, type BatchForm } from '../../../forms/room/batchForm';
import { proposed } from '../../../forms/proposed';
import { lotOptions } from '../../../lot/lotOptions';
import { startOfLot } from '../startOfLot';
import { useBook, useLedger } from '../../../data/useWorkspaceModel';
import { boxesByYard } from '../boxesByYard';
import { Button } from '../../../ui/Button';
import { roomWords } from '../../../words/english/room';

/** Whose honey it is; a lot brings what is known of its moisture. */
function LotField(): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const { setValue, getValues, watch } = useFormContext<BatchForm>();
  const ledger = useLedger();
  const chosen = ledger.files.find((file) => file.lot.entityId === watch('lotIds'));
  if (ledger.files.length === 0) return null;
  const take = (lotId: string): void => {
    const start = startOfLot(ledger, lotId);
    if (!start) return;
    const usual = freshBatch('', preferences);
    const before = chosen && startOfLot(ledger, chosen.lot.entityId);
    const earlier = [usual, ...(before ? [batchEntry.fill(before, preferences)] : [])];
    const filled = batchEntry.fill(start, preferences);
    const known = Object.fromEntries(
      Object.keys(start).map((field) => [field, get(filled, field)]),
    );
    for (const [field, value] of proposed(known, getValues(), earlier)) {
      setValue(field as keyof BatchForm, value as never, { shouldDirty: true });
    }
  };
  return (
    <Field
      of={batchEntry}
      at="lotIds"
      choices={lotOptions(ledger.files)}
      onChosen={take}
      hint={
        chosen?.lot.content.honeyKind === 'heather'
          ? roomWords.lingIsAGelHow()
          : roomWords.fillsInItsMoistureFrom()
      }
    />
  );
}

/** All honey boxes on the hives of a yard, at a tap. */
function YardBoxes(): ReactElement | null {
  const { setValue, getValues } = useFormContext<BatchForm>();
  const yards = boxesByYard(useBook());
  if (yards.length === 0) return null;
  const take = ({ name, boxes }: (typeof yards)[number]): void => {
    setValue('boxes', String(boxes), { shouldDirty: true });
    if (getValues('name') === '') setValue('name', name, { shouldDirty: true });
  };
  return (
    <div className="flex flex-wrap gap-3">
      {yards.map((yard) => (
        <Button key={yard.name} tone="quiet" onClick={() => take(yard)}>
          {roomWords.allBoxesOf({ yard: yard.name, boxes: yard.boxes })}
        </Button>
      ))}
    </div>
  );
}

/** What goes in: boxes, honey, how much of it is open, and when. */
export function BatchFields(): ReactElement {
  return (
    <div className="space-y-5">
      <LotField />
      <Field of={batchEntry} at="name" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={batchEntry} at="boxes" big />
        <Field of={batchEntry} at="honeyKgPerBox" />
      </div>
      <YardBoxes />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields
          of={batchEntry}
          at={['openShare', 'plusMinusPercent', 'openPercent', 'cappedPercent']}
        />
      </div>
      <Field of={batchEntry} at="layout" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={batchEntry} at={['temperatureC', 'targetPercent', 'inAt', 'outAt']} />
      </div>
      <Field of={batchEntry} at="remark" />
    </div>
  );
}
