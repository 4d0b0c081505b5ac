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
import { selectPreferences, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { useNow } from '../../data/useNow';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { freshLogHeat, logHeatForm, readLogHeatForm } from '../../forms/lots/logHeatForm';
import { freshHeat, heatEntry, readHeatForm } from '../../forms/line/strainForms';
import { spanText } from '../../format/clock';
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
import { commonWords } from '../../words/english/common';
import { settlingWords } from '../../words/english/settling';

import { WarmthHistory } from './parts/WarmthHistory';
import { formatDay } from '../../format/dates';

const NO_ROOMS: readonly RoomFile[] = [];

const one = (value: number): string => value.toFixed(value < 10 ? 1 : 0);
const bandText = ({ low, likely, high }: HeatBand, unit: string): string =>
  settlingWords.toOneUnitOne2One3({ one: one(likely), unit, one2: one(low), one3: one(high) });

function spentWords({ spentShare }: HeatBalance): string {
  const { low, likely, high } = spentShare;
  const percent = (share: number): string =>
    Number.isFinite(share) ? `${Math.round(100 * share)} %` : commonWords.all();
  return settlingWords.toLikelyLowHigh({
    likely: percent(likely),
    low: percent(low),
    high: percent(high),
  });
}

function Budget({ heat }: { heat: LotHeat }): ReactElement {
  const { balance, origin, limits } = heat;
  const { spentShare, hmf } = balance;
  return (
    <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
      <p className="text-xl">{settlingWords.usedUpOfWhatWarmth()}</p>
      <p role="status" className="text-6xl leading-none font-bold">
        {Number.isFinite(spentShare.likely)
          ? `${Math.round(100 * spentShare.likely)} %`
          : commonWords.all()}
      </p>
      <p className="mt-2 text-xl">
        {settlingWords.nearerToTheLimitOf({
          spentWords: spentWords(balance),
          part: balance.nearer === 'hmf' ? 'HMF' : settlingWords.diastase(),
        })}
      </p>
      <dl className="mt-3 grid gap-x-6 gap-y-1 text-lg sm:grid-cols-[auto_1fr]">
        <dt className="font-semibold">{settlingWords.hmfNow()}</dt>
        <dd>
          {settlingWords.atMost({
            bandText: bandText(hmf, 'mg/kg'),
            hmfMgPerKg: limits.hmfMgPerKg,
          })}
        </dd>
        <dt className="font-semibold">{settlingWords.diastaseNow()}</dt>
        <dd>
          {settlingWords.atLeast({
            bandText: bandText(balance.diastase, settlingWords.units()),
            diastaseSchade: limits.diastaseSchade,
          })}
        </dd>
      </dl>
      {hmf.high > HMF_HARMS_BEES && (
        <p className="mt-2 text-lg font-bold">
          {settlingWords.doNotFeedItBack({ hmfHarmsBees: HMF_HARMS_BEES })}
        </p>
      )}
      <p className="mt-2 text-base">
        {settlingWords.computedFromTemperatureAndTime({
          part:
            origin.reportedMs === null
              ? settlingWords.noLaboratoryReportItStarts()
              : settlingWords.startsFromTheReportOf({
                  laboratory: origin.laboratory,
                  reportedMs: formatDay(origin.reportedMs),
                }),
        })}
      </p>
    </section>
  );
}

/** Temperatures at which it is told how long the honey may stay [°C]. */
const TOLD_C = [15, 20, 25, 30, 35, 40, 45, 50] as const;

function DaysLeft({ heat }: { heat: LotHeat }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  return (
    <SheetSection id="left" title={settlingWords.howLongItMayStill()}>
      <PlainTable
        label={settlingWords.howLongTheHoneyMay()}
        head={[settlingWords.at(), settlingWords.atMostOnTheSafe()]}
        rows={TOLD_C.map((celsius) => {
          const days = daysLeftAt(celsius, heat.balance, heat.limits);
          return [
            formatQuantity(celsius, 'temperature', preferences, 0),
            days >= 3650 ? settlingWords.tenYearsAndMore() : spanText(24 * days),
          ];
        })}
      />
    </SheetSection>
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
    () => rooms.filter((room) => room.logs.some((log) => log.content.place === 'inside')),
    [rooms],
  );
  const formOf = useMemo(
    () => freshLogHeat(logged, moment, preferences),
    [logged, moment, preferences],
  );
  if (logged.length === 0) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>{settlingWords.fromALogger()}</Button>
      <EntrySheet
        open={open}
        onOpenChange={setOpen}
        kind="heat-spell"
        record={null}
        ownerId={file.lot.entityId}
        formName={settlingWords.logged()}
        what={settlingWords.theLoggedSpell()}
        title={settlingWords.warmthFromALogger()}
        description={settlingWords.hourByHourAsRecorded()}
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
            title={settlingWords.warmthSoFar()}
            aside={
              <span className="flex flex-wrap gap-2">
                <Button onClick={() => setEdited('new')}>{settlingWords.recordASpell()}</Button>
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
        what={settlingWords.theSpell()}
        title={settlingWords.aSpellOfWarmth()}
        description={settlingWords.howWarmTheHoneyWas()}
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
