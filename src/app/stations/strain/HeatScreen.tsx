import { format } from 'date-fns';
import { useMemo, useState, type ReactElement } from 'react';
import {
  VISCOSITY_RANGE_PERCENT,
  HMF_HARMS_BEES,
  daysLeftAt,
  type HeatBalance,
  type HeatBand,
} from '../../../core';
import { lotHeat, type LotFile, type LotHeat, type RoomFile } from '../../../model';
import { type HeatSpell } from '../../../records';
import { revise, selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { useNow } from '../../data/useNow';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { freshLogHeat, logHeatForm, readLogHeatForm } from '../../forms/lots/logHeatForm';
import { freshHeat, heatEntry, readHeatForm } from '../../forms/line/strainForms';
import { spanText } from '../../format/clock';
import { OCCASION_NAMES } from '../../words/strainWords';
import { formatQuantity } from '../../format/units';
import { LotGate } from '../../lot/LotGate';
import { useLotMoisture } from '../../lot/useLotMoisture';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { LotPageHeader } from './parts/LotPageHeader';
import { WarmingSection } from './parts/WarmingSection';
import { useRooms } from '../../data/useWorkspaceModel';

const NO_ROOMS: readonly RoomFile[] = [];

const SOURCES = {
  typed: 'as typed',
  log: 'from the logger',
  plan: 'from a plan',
  room: 'as the room was set',
} as const;

const one = (value: number): string => value.toFixed(value < 10 ? 1 : 0);
const bandText = ({ low, likely, high }: HeatBand, unit: string): string =>
  `${one(likely)} ${unit} (${one(low)} to ${one(high)})`;

function spentWords({ spentShare }: HeatBalance): string {
  const { low, likely, high } = spentShare;
  const percent = (share: number): string =>
    Number.isFinite(share) ? `${Math.round(100 * share)} %` : 'all';
  return `${percent(likely)} (${percent(low)} to ${percent(high)})`;
}

function Budget({ heat }: { heat: LotHeat }): ReactElement {
  const { balance, origin, limits } = heat;
  const { spentShare, hmf } = balance;
  return (
    <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
      <p className="text-xl">Spent of what warmth may cost</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {Number.isFinite(spentShare.likely) ? `${Math.round(100 * spentShare.likely)} %` : 'all'}
      </p>
      <p className="mt-2 text-xl">
        {spentWords(balance)}, nearer to the limit of{' '}
        {balance.nearer === 'hmf' ? 'HMF' : 'diastase'}
      </p>
      <dl className="mt-3 grid gap-x-6 gap-y-1 text-lg sm:grid-cols-[auto_1fr]">
        <dt className="font-semibold">HMF now</dt>
        <dd>
          {bandText(hmf, 'mg/kg')}, at most {limits.hmfMgPerKg}
        </dd>
        <dt className="font-semibold">Diastase now</dt>
        <dd>
          {bandText(balance.diastase, 'units')}, at least {limits.diastaseSchade}
        </dd>
      </dl>
      {hmf.high > HMF_HARMS_BEES && (
        <p className="mt-2 text-lg font-bold">
          Do not feed it back: from about {HMF_HARMS_BEES} mg/kg of HMF honey harms bees.
        </p>
      )}
      <p className="mt-2 text-base">
        {origin.reportedMs === null
          ? 'No laboratory looked: it starts as fresh honey usually does.'
          : `Starts from the report of ${origin.laboratory}, ${format(origin.reportedMs, 'd MMM yyyy')}.`}{' '}
        Reckoned from temperature and time, combs in a warm room taken to be as warm as its air;
        only a laboratory certifies. Warmth and straining do not remove botulinum spores.
      </p>
    </section>
  );
}

/** Temperatures at which it is told how long the honey may stay [°C]. */
const TOLD_C = [15, 20, 25, 30, 35, 40, 45, 50] as const;

function DaysLeft({ heat }: { heat: LotHeat }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  return (
    <SheetSection id="left" title="How long it may still stay">
      <PlainTable
        label="How long the honey may stay at a temperature"
        head={['At', 'at most, on the safe side']}
        rows={TOLD_C.map((celsius) => {
          const days = daysLeftAt(celsius, heat.balance, heat.limits);
          return [
            formatQuantity(celsius, 'temperature', preferences, 0),
            days >= 3650 ? 'ten years and more' : spanText(24 * days),
          ];
        })}
      />
    </SheetSection>
  );
}

interface SpellActProps {
  spell: HeatSpell;
  onEdit: (spell: HeatSpell) => void;
}

/** What was typed is changed; what came from a log or a plan is removed, and taken anew. */
function SpellAct({ spell, onEdit }: SpellActProps): ReactElement {
  const dispatch = useAppDispatch();
  const isTyped = spell.content.source === 'typed';
  const remove = (): void =>
    void dispatch(revise('Removed the spell', spell, { withdrawn: true, reason: 'Removed' }));
  return (
    <Button tone="quiet" className="px-0!" onClick={() => (isTyped ? onEdit(spell) : remove())}>
      {isTyped ? 'Change' : 'Remove'}
      <span className="sr-only"> {OCCASION_NAMES[spell.content.occasion]}</span>
    </Button>
  );
}

interface HistoryProps {
  file: LotFile;
  heat: LotHeat;
  onEdit: (spell: HeatSpell) => void;
}

/** Every spell of warmth, oldest first. */
function WarmthHistory({ file, heat, onEdit }: HistoryProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const rows = heat.entries.map((entry) => {
    const days = entry.history.reduce((sum, each) => sum + each.days, 0);
    const warmest = Math.max(...entry.history.map((each) => each.temperatureC));
    const typed = file.heatSpells.find((each) => each.entityId === entry.id);
    return [
      format(entry.startedMs, 'd MMM yyyy, HH:mm'),
      <span key="what">
        {OCCASION_NAMES[entry.occasion]}
        {entry.words !== '' && <span className="block text-ink-soft">{entry.words}</span>}
      </span>,
      `${spanText(24 * days)}, up to ${formatQuantity(warmest, 'temperature', preferences, 0)}`,
      SOURCES[entry.from],
      typed ? <SpellAct key="act" spell={typed} onEdit={onEdit} /> : 'in its room',
    ];
  });
  if (rows.length === 0) {
    return <p className="text-lg">Nothing written down: no drying, warming or storage yet.</p>;
  }
  return (
    <PlainTable
      label="Every spell of warmth"
      head={['From', 'What', 'How', 'Known', 'Correct']}
      rows={rows}
    />
  );
}

function HeatFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={heatEntry} at="occasion" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={heatEntry} at="spells.temperatureC" big />
        <Field of={heatEntry} at="spells.days" big />
      </div>
      <Fields of={heatEntry} at={['startedAt', 'remark']} />
    </div>
  );
}

function LogFields({ rooms }: { rooms: readonly RoomFile[] }): ReactElement {
  return (
    <div className="space-y-5">
      <Field
        of={logHeatForm}
        at="roomId"
        choices={rooms.map(({ room }) => ({ value: room.entityId, label: room.content.name }))}
      />
      <Field of={logHeatForm} at="occasion" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={logHeatForm} at={['startedAt', 'until']} />
      </div>
      <Field of={logHeatForm} at="remark" />
    </div>
  );
}

interface LogSpellProps {
  file: LotFile;
  rooms: readonly RoomFile[];
}

/** Takes a spell from what a room's logger wrote; nothing where no room has a log. */
function LogSpell({ file, rooms }: LogSpellProps): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const moment = useMoment();
  const [open, setOpen] = useState(false);
  const logged = useMemo(
    () => rooms.filter((one) => one.logs.some((log) => log.content.place === 'inside')),
    [rooms],
  );
  const formOf = useMemo(
    () => freshLogHeat(logged, moment, preferences),
    [logged, moment, preferences],
  );
  if (logged.length === 0) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>From a logger</Button>
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="heat-spell"
        record={null}
        ownerId={file.lot.entityId}
        formName="logged"
        what="the logged spell"
        title="Warmth from a logger"
        description="Hour by hour as it was written, slips of the logger left out."
        formOf={formOf}
        parse={(form) => readLogHeatForm(form, preferences, logged)}
      >
        <LogFields rooms={logged} />
      </EntrySheet>
    </>
  );
}

function HeatView({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const rooms = useRooms();
  const nowMs = useNow(60_000);
  const moment = useMoment();
  const [edited, setEdited] = useState<HeatSpell | 'new' | null>(null);
  const record = edited === 'new' ? null : edited;
  const moisture = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const heat = useMemo(() => lotHeat(file, rooms ?? NO_ROOMS, nowMs), [file, rooms, nowMs]);
  const formOf = useMemo(
    () => heatEntry.fill(record?.content ?? freshHeat(moment), preferences),
    [record, moment, preferences],
  );
  return (
    <>
      <LotPageHeader file={file} at="heat" />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-8">
          <Budget heat={heat} />
          <SheetSection
            id="history"
            title="Warmth so far"
            aside={
              <span className="flex flex-wrap gap-2">
                <Button onClick={() => setEdited('new')}>Write a spell down</Button>
                <LogSpell file={file} rooms={rooms ?? NO_ROOMS} />
              </span>
            }
          >
            <WarmthHistory file={file} heat={heat} onEdit={setEdited} />
          </SheetSection>
          <DaysLeft heat={heat} />
        </div>
        <WarmingSection file={file} heat={heat} moisturePercent={moisture} />
      </div>
      <EntrySheet
        open={edited !== null}
        onOpenChange={(open) => !open && setEdited(null)}
        kind="heat-spell"
        record={record}
        ownerId={file.lot.entityId}
        what="the spell"
        title="A spell of warmth"
        description="How warm the honey was, and for how long. Never heat fermenting honey in a closed jar."
        formOf={formOf}
        parse={(form) => readHeatForm(form, preferences)}
      >
        <HeatFields />
      </EntrySheet>
    </>
  );
}

/** What warmth has cost a lot, what is left of the budget, and plans compared. */
export function HeatScreen(): ReactElement {
  return <LotGate View={HeatView} />;
}
