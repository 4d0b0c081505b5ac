import { useState, type ReactElement } from 'react';
import { useNavigate, useParams } from 'react-router';
import { isMeasured } from '../../../core';
import type { LotFile, RuledLot } from '../../../model';
import { firstRevision, nextRevision, type Blend, type BlendTick } from '../../../records';
import {
  perform,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../store';
import { formatDay } from '../../format/dates';
import { useDraftText } from '../../forms/useDraftText';
import { formatQuantity, unitOf } from '../../format/units';
import { Button } from '../../ui/Button';
import { NothingHere } from '../../ui/page/NothingHere';
import { OneNumberForm } from '../../ui/forms/OneNumberForm';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { barredBecause } from './blendContainers';
import { blendedLotRecords } from './blendedLot';
import { useBlends, useRuledLots, useLedger } from '../../data/useWorkspaceModel';
import { storeWords } from '../../words/english/store';

interface LineProps {
  blend: Blend;
  tank: number;
  pour: number;
  tick: BlendTick | undefined;
  /** why it may not be poured: its lot was blocked since the blend was planned; null where it may */
  barred: string | null;
}

function PourLine({ blend, tank, pour, tick, barred }: LineProps): ReactElement | null {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const [asking, setAsking] = useState(false);
  const formKey = `poured:${blend.entityId}:${tank}:${pour}`;
  const { begun } = useDraftText(formKey);
  const line = blend.content.tanks[tank]?.pours[pour];
  if (!line) return null;
  const unit = unitOf('mass', preferences);
  const keep = async (massKg: number, options: ActOptions = {}): Promise<boolean> => {
    const content = { tank, pour, massKg, at: new Date().toISOString() };
    const done = await dispatch(
      perform(
        storeWords.poured({ label: line.label }),
        (scribe) => [firstRevision(scribe, 'blend-tick', content, blend.entityId)],
        options,
      ),
    );
    if (done.ok) setAsking(false);
    return done.ok;
  };
  const untick = (): void => {
    if (!tick) return;
    void dispatch(
      perform(storeWords.tookBack({ label: line.label }), (scribe) => [
        nextRevision(scribe, tick, { withdrawn: true, reason: storeWords.notPouredAfterAll() }),
      ]),
    );
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2">
      <span className="w-28 text-2xl font-extrabold">
        {formatQuantity(line.massKg, 'mass', preferences)}
      </span>
      <span className="grow basis-48 text-lg">
        <strong>{line.label}</strong> {storeWords.ofLot({ lotCode: line.lotCode })}
        <span className="block text-base">
          {storeWords.water({ meanPercent: line.meanPercent.toFixed(1) })}
        </span>
      </span>
      {tick ? (
        <>
          <span className="text-lg font-bold">
            {storeWords.poured2({
              massKg: formatQuantity(tick.content.massKg, 'mass', preferences),
            })}
          </span>
          <Button tone="quiet" onClick={untick}>
            {storeWords.takeBack()}
            <span className="sr-only"> {line.label}</span>
          </Button>
        </>
      ) : barred !== null ? (
        <span role="note" className="basis-full border-l-8 border-ink pl-3 text-lg font-bold">
          {storeWords.doNotPourIt({ barred })}
        </span>
      ) : (
        <>
          <Button tone="ink" className="min-h-14" onClick={() => void keep(line.massKg)}>
            {storeWords.poured3()}
            <span className="sr-only"> {line.label}</span>
          </Button>
          <Button tone="quiet" onClick={() => setAsking(!asking)}>
            {storeWords.anotherWeight()}
            <span className="sr-only"> {storeWords.ofLabel({ label: line.label })}</span>
          </Button>
        </>
      )}
      {(asking || begun) && !tick && barred === null && (
        <div className="basis-full">
          <OneNumberForm
            formKey={formKey}
            label={storeWords.weightOnTheScale({ name: unit.name })}
            button={storeWords.poured3()}
            wrongWith={(value) =>
              value >= 0 && unit.toBase(value) < 100_000 ? '' : storeWords.typeAWeightOrMore()
            }
            onKeep={async (value, options) => value !== null && keep(unit.toBase(value), options)}
          />
        </div>
      )}
    </li>
  );
}

/** Why honey of a lot may not be poured now. */
function barredNow(lotId: string, lots: readonly RuledLot[]): string | null {
  const lot = lots.find((one) => one.file.lot.entityId === lotId);
  return lot ? barredBecause(lot.evidence, isMeasured(lot.ruling.belief)) : null;
}

function TankList({
  blend,
  at,
  ticks,
  files,
  lots,
}: {
  blend: Blend;
  at: number;
  ticks: readonly BlendTick[];
  files: readonly LotFile[];
  lots: readonly RuledLot[];
}): ReactElement | null {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const tank = blend.content.tanks[at];
  if (!tank) return null;
  const own = ticks.filter((tick) => tick.content.tank === at);
  const pouredKg = own.reduce((sum, one) => sum + one.content.massKg, 0);
  const isDone = own.length === tank.pours.length;
  const make = async (): Promise<void> => {
    const done = await dispatch(
      perform(storeWords.madeTheLotOf({ label: tank.label }), (scribe) =>
        blendedLotRecords(scribe, blend, { at, pouredKg, files }),
      ),
    );
    if (done.ok) void navigate(`/${workspace}/lots/${done.value[0]?.entityId ?? ''}`);
  };
  return (
    <SheetSection id={`tank-${at}`} title={tank.label}>
      <p className="text-lg">
        <strong className="text-3xl">{formatQuantity(pouredKg, 'mass', preferences)}</strong>{' '}
        {storeWords.ofPouredExpectedWater({
          pours: formatQuantity(
            tank.pours.reduce((sum, pour) => sum + pour.massKg, 0),
            'mass',
            preferences,
          ),
          meanPercent: tank.expected.meanPercent.toFixed(1),
          standardPercent: (2 * tank.expected.standardPercent).toFixed(1),
        })}
      </p>
      <ul className="divide-y divide-thread">
        {tank.pours.map((line, pour) => (
          <PourLine
            barred={barredNow(line.lotId, lots)}
            key={pour}
            blend={blend}
            tank={at}
            pour={pour}
            tick={own.find((one) => one.content.pour === pour)}
          />
        ))}
      </ul>
      {tank.lotId !== null ? (
        <PageLink to={`lots/${tank.lotId}`}>{storeWords.itsLot()}</PageLink>
      ) : (
        <div className="mt-3">
          <Button
            tone="lavender"
            className="min-h-14"
            onClick={() => void make()}
            disabled={!isDone}
          >
            {storeWords.recordThisTankAsA()}
          </Button>
          {!isDone && (
            <p className="mt-1 text-base">
              {storeWords.poursToGoThenStir({ pours: tank.pours.length - own.length })}
            </p>
          )}
        </div>
      )}
    </SheetSection>
  );
}

/** The pouring list of a blend, to tick off; each tank becomes a lot that knows its parents. */
export function PouringScreen(): ReactElement {
  const { blendId = '' } = useParams();
  const blends = useBlends();
  const ledger = useLedger();
  const lots = useRuledLots().ruled;
  const blend = blends.blends.find((one) => one.entityId === blendId);
  if (!blend) return <NothingHere />;
  const ticks = blends.ticks.filter((tick) => tick.ownerId === blendId);
  return (
    <>
      <p className="pt-5 text-base font-semibold">{storeWords.storePouringList()}</p>
      <h1 className="text-4xl font-bold">{blend.content.name}</h1>
      <p className="mt-1 text-lg text-ink-soft">
        {storeWords.targetWithGuardBand({
          day: formatDay(blend.content.day),
          targetPercent: blend.content.targetPercent.toFixed(1),
        })}
      </p>
      <div className="mt-5 space-y-8">
        {blend.content.tanks.map((_, at) => (
          <TankList key={at} blend={blend} at={at} ticks={ticks} files={ledger.files} lots={lots} />
        ))}
      </div>
      <p className="mt-6 text-base">{storeWords.stirEachTankWellBefore()}</p>
    </>
  );
}
