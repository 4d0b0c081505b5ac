import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { PLACE_KINDS, STORE_ACTS, type StoredVessel } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMeters';
import type { StoredLot } from '../../../data/useStore';
import { freshMove, readMoveForm } from '../../../forms/storeForms';
import { PLACE_NAMES } from '../../../format/storeWords';
import { unitOf } from '../../../format/units';
import { GateFields, GateNote } from '../../../gate/GateNote';
import { gateOf, type Gate } from '../../../gate/gate';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';

const ACT_LABELS = {
  placed: 'It stands here',
  looked: 'I looked: all well',
  opened: 'It was opened',
  'stood-open': 'It stood open',
  taken: 'Honey was taken',
  emptied: 'It is empty',
} as const;

function MoveFields({ gate }: { gate: Gate }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const act = useWatch({ name: 'act' }) as (typeof STORE_ACTS)[number];
  return (
    <>
      <ChoiceField
        name="act"
        label="What happened"
        choices={STORE_ACTS.map((value) => ({ value, label: ACT_LABELS[value] }))}
      />
      {act === 'placed' && (
        <>
          <SelectField
            name="placeKind"
            label="Where it stands"
            options={PLACE_KINDS.map((value) => ({ value, label: PLACE_NAMES[value] }))}
          />
          <div className="grid gap-5 sm:grid-cols-2">
            <TextField name="place" label="Its name" hint="Such as “back shelf”; optional" />
            <TextField
              name="temperature"
              label="Temperature there"
              unit={unitOf('temperature', preferences).name}
              inputMode="decimal"
              hint="What is usual there where empty"
            />
          </div>
        </>
      )}
      {act === 'taken' ? (
        <>
          <GateFields gate={gate} />
          <TextField
            name="mass"
            label="Taken"
            unit={unitOf('mass', preferences).name}
            inputMode="decimal"
            big
          />
        </>
      ) : (
        <GateNote gate={gate} />
      )}
      <TextField name="at" label="When" type="datetime-local" />
      <TextField name="remark" label="Remark" />
    </>
  );
}

/** What happened to a container: its place, opening, taking, emptying. */
export function MoveSheet({
  lot,
  vessel,
  onClose,
}: {
  lot: StoredLot;
  vessel: StoredVessel | null;
  onClose: () => void;
}): ReactElement {
  const gate = gateOf(lot, vessel ? [vessel.id] : []);
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  return (
    <EntrySheet
      open={vessel !== null}
      onOpenChange={(open) => !open && onClose()}
      kind="store-move"
      record={null}
      ownerId={vessel?.lotId}
      formName={vessel?.id ?? 'none'}
      what="the move"
      title={vessel ? `${vessel.label}, ${vessel.lotName || vessel.lotCode}` : 'A container'}
      description="Each move stays written down; the last place holds."
      formOf={freshMove(now)}
      parse={(form) =>
        readMoveForm(form, vessel ?? { containerId: '', item: 1 }, { preferences, gate })
      }
    >
      <MoveFields gate={gate} />
    </EntrySheet>
  );
}
