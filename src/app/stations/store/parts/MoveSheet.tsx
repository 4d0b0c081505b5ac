import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { type StoredVessel } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { freshMove, moveEntry, readMoveForm, type MoveForm } from '../../../forms/store/storeForms';
import { GateFields, GateNote } from '../../../gate/GateNote';
import { gateOf, type Gate } from '../../../gate/gate';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import type { StoredLot } from '../../../../model';
import { storeWords } from '../../../words/english/store';

function MoveFields({ gate }: { gate: Gate }): ReactElement {
  const act = useWatch({ name: 'act' }) as MoveForm['act'];
  return (
    <>
      <Field of={moveEntry} at="act" />
      {act === 'placed' && (
        <>
          <Field of={moveEntry} at="placeKind" />
          <div className="grid gap-5 sm:grid-cols-2">
            <Fields of={moveEntry} at={['place', 'temperatureC']} />
          </div>
        </>
      )}
      {act === 'taken' ? (
        <>
          <GateFields gate={gate} />
          <Field of={moveEntry} at="massKg" big />
        </>
      ) : (
        <GateNote gate={gate} />
      )}
      <Fields of={moveEntry} at={['at', 'remark']} />
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
      what={storeWords.theMove()}
      title={
        vessel ? `${vessel.label}, ${vessel.lotName || vessel.lotCode}` : storeWords.aContainer()
      }
      description={storeWords.everyMoveStaysOnRecord()}
      formOf={freshMove(now, preferences)}
      parse={(form) =>
        readMoveForm(form, vessel ?? { containerId: '', item: 1 }, { preferences, gate })
      }
    >
      <MoveFields gate={gate} />
    </EntrySheet>
  );
}
