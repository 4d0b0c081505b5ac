import { addDays, parseISO } from 'date-fns';
import { useCallback, type ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import {
  STORE_TEMPERATURES,
  checkAgainMonths,
  keepingClass,
  vesselEstimate,
  wettestMoisture,
} from '../../../../core';
import type { Packing } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { bestBeforeOf, temperatureOf } from '../../../../model/store/keeping';
import { useMoment } from '../../../data/useMoment';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  packEntry,
  packFormOf,
  readPackForm,
  type PackForm,
} from '../../../forms/store/storeForms';
import { isoDay } from '../../../format/dates';
import { formatQuantity } from '../../../format/units';
import { GateFields } from '../../../gate/GateNote';
import { gateOf, type Gate } from '../../../gate/gate';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { useLedger } from '../../../data/useWorkspaceModel';
import type { StoredLot } from '../../../../model';
import { storeWords } from '../../../words/english/store';

const REASONS = {
  heat: storeWords.asLongAsWarmthThere(),
  'check-again': storeWords.theDayThisHoneyIs(),
} as const;

/** A day to propose on the label of honey from one vessel, with why. */
function useProposal(lot: StoredLot, nowIso: string) {
  const related = useLedger().related;
  const { hemisphere } = useAppSelector(selectPreferences);
  return useCallback(
    (vesselId: string): { day: string; why: string } => {
      const { file, evidence, ruling } = lot;
      const stored = file.lot.content.storageTemperatureC;
      const year = temperatureOf(null, stored) ?? STORE_TEMPERATURES.shelf;
      const moisture =
        vesselId === ''
          ? wettestMoisture(evidence, ruling.belief)
          : vesselEstimate(evidence, ruling.belief, vesselId);
      const checkMonths = checkAgainMonths(keepingClass(moisture).id, stored);
      const proposal = related
        ? bestBeforeOf(file, { related, year, checkMonths, hemisphere })
        : { days: 0, reason: 'check-again' as const };
      return {
        day: isoDay(addDays(parseISO(nowIso), proposal.days)),
        why: storeWords.suggestedYouDecideWithinLocal({ reason: REASONS[proposal.reason] }),
      };
    },
    [lot, related, nowIso, hemisphere],
  );
}

interface PackFieldsProps {
  lot: StoredLot;
  proposalFor: (vesselId: string) => { day: string; why: string };
}

function PackFields({ lot, proposalFor }: PackFieldsProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { watch, setValue, getFieldState } = useFormContext<PackForm>();
  const chosen = watch('from');
  const vessels = lot.vessels.filter((vessel) => !vessel.isEmpty || vessel.id === chosen);
  const options = vessels.map((vessel) => ({
    value: vessel.id,
    label: `${vessel.label}, ${vessel.leftKg === null ? storeWords.notWeighed() : storeWords.left({ leftKg: formatQuantity(vessel.leftKg, 'mass', preferences) })}`,
  }));
  return (
    <>
      <Field
        of={packEntry}
        at="from"
        choices={[{ value: '', label: storeWords.chooseAContainer() }, ...options]}
        onChosen={(id) => {
          // The day comes from the container that is filled, unless somebody typed another.
          if (!getFieldState('bestBefore').isDirty) setValue('bestBefore', proposalFor(id).day);
        }}
      />
      <GateFields gate={gateOf(lot, chosen === '' ? [] : [chosen])} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={packEntry} at="count" big />
        <Field of={packEntry} at="jarG" big />
      </div>
      <Fields of={packEntry} at={['code', 'packedAt']} />
      <Field of={packEntry} at="bestBefore" hint={proposalFor(chosen).why} />
      <Field of={packEntry} at="remark" />
    </>
  );
}

interface PackSheetProps {
  lot: StoredLot;
  packing: Packing | 'new' | null;
  onClose: () => void;
}

/** Jars filled from a container of a lot. */
export function PackSheet({ lot, packing, onClose }: PackSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const proposalFor = useProposal(lot, now);
  const record = packing === 'new' ? null : packing;
  const { code } = lot.file.lot.content;
  const moisturePercent = lot.ruling.belief.mean;
  const full = lot.vessels.filter((vessel) => !vessel.isEmpty);
  // with one container there is nothing to choose
  const from = full.length === 1 && full[0] ? full[0].id : '';
  const fresh = {
    from,
    code: `${code}.${lot.jars.length + 1}`,
    nowIso: now,
    bestBefore: proposalFor(from).day,
  };
  const leftKg = (id: string): number | null => {
    const vessel = lot.vessels.find((storedVessel) => storedVessel.id === id);
    const before = record?.content.from.find((item) => `${item.containerId}#${item.item}` === id);
    return vessel?.leftKg === null || !vessel ? null : vessel.leftKg + (before?.massKg ?? 0);
  };
  const gateFor = (vesselIds: readonly string[]): Gate => gateOf(lot, vesselIds);
  return (
    <EntrySheet
      open={packing !== null}
      onOpenChange={(open) => !open && onClose()}
      kind="packing"
      record={record}
      ownerId={lot.file.lot.entityId}
      what={storeWords.theJars()}
      title={storeWords.fillJars()}
      description={storeWords.whatGoesIntoJarsLeaves()}
      formOf={packFormOf(record?.content ?? null, fresh, preferences)}
      parse={(form) => readPackForm(form, { preferences, moisturePercent, leftKg, gateFor })}
    >
      <PackFields lot={lot} proposalFor={proposalFor} />
    </EntrySheet>
  );
}
