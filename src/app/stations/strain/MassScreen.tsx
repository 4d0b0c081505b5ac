import { useMemo, useState, type ReactElement } from 'react';
import { VISCOSITY_RANGE_PERCENT, type MassEstimate, type YieldShare } from '../../../core';
import { lotMass, type LotFile, type LotMass } from '../../../model';
import { type Weighing } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { weighingEntry, weighingFormOf } from '../../forms/line/strainForms';
import { formatMoment } from '../../format/dates';
import { STAGE_NAMES } from '../../words/strainWords';
import { formatQuantity } from '../../format/units';
import { LotGate } from '../../lot/LotGate';
import { useLotMoisture } from '../../lot/useLotMoisture';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { PageLink } from '../../ui/page/PageLink';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { JarsSection } from './parts/JarsSection';
import { LotPageHeader } from './parts/LotPageHeader';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';
import { formatDoubtful } from '../../format/doubtful';

const VERDICTS = {
  explained: lineWords.itAddsUpWithinWhat(),
  missing: lineWords.moreIsMissingThanThe(),
  'too-much': lineWords.thereIsMoreHoneyThan(),
  unknown: lineWords.theBalanceNeedsTheHoney(),
} as const;

/** "12.3 ± 0.4 kg" */
function useMassText(): (mass: MassEstimate) => string {
  const preferences = useAppSelector(selectPreferences);
  return ({ massKg, standardUncertaintyKg }) =>
    formatDoubtful(massKg, 2 * standardUncertaintyKg, 'mass', preferences);
}

const differenceName = (massKg: number): string =>
  massKg < 0 ? lineWords.moreFoundThanTheCombs() : lineWords.unexplained();

function Balance({ mass }: { mass: LotMass }): ReactElement {
  const text = useMassText();
  const { balance, unknownVessels } = mass;
  const { lines, unexplained, verdict, yieldShare } = balance;
  return (
    <>
      <section aria-label={commonWords.theAnswer()} className="border-l-8 border-lavender pl-4">
        <p className="text-xl">
          {unexplained ? differenceName(unexplained.massKg) : lineWords.inContainers2()}
        </p>
        <p role="status" className="text-5xl leading-tight font-bold">
          {unexplained
            ? text({ ...unexplained, massKg: Math.abs(unexplained.massKg) })
            : mass.got
              ? text(mass.got)
              : lineWords.notKnownYet()}
        </p>
        <p className="mt-1 text-xl">{VERDICTS[verdict]}</p>
        {yieldShare !== null && (
          <p className="text-lg">
            {lineWords.ofTheHoneyInThe({ yieldShare: Math.round(100 * yieldShare) })}
          </p>
        )}
        {unknownVessels > 0 && (
          <p className="text-lg font-semibold">
            {lineWords.containersWithoutAWeightNot({ unknownVessels })}
          </p>
        )}
      </section>
      <PlainTable
        label={lineWords.whereTheHoneyIs()}
        head={[commonWords.honey(), lineWords.howMuch(), commonWords.known()]}
        rows={[
          ...lines.map((line) => [
            STAGE_NAMES[line.stage],
            text(line.mass),
            line.from === 'weighed'
              ? lineWords.weighedOrJudged()
              : lineWords.usualShareNotWeighed(),
          ]),
          ...[
            [lineWords.soMuchCameOutOf(), balance.extracted] as const,
            [lineWords.soMuchCameThroughStraining(), balance.strained] as const,
          ].flatMap(([name, one]) => (one ? [[name, text(one), lineWords.computed()]] : [])),
        ]}
      />
    </>
  );
}

function Yields({ mass }: { mass: LotMass }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (!mass.got || mass.frames === 0) return null;
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences);
  const rows = (shares: readonly YieldShare[]) =>
    shares.map((share) => [
      share.from || commonWords.notWrittenDown(),
      String(share.frames),
      kg(share.kg),
      kg(share.kg / share.frames),
    ]);
  return (
    <SheetSection id="yield" title={lineWords.whereItCameFrom()}>
      <p className="mb-2 text-xl">
        <strong className="text-3xl">{kg(mass.got.massKg / mass.frames)}</strong>{' '}
        {lineWords.aFrameOfFrames({ frames: mass.frames })}
      </p>
      <PlainTable
        label={lineWords.yieldByHive()}
        head={[commonWords.hive(), commonWords.frames2(), lineWords.yield(), lineWords.aFrame()]}
        rows={rows(mass.byHive)}
      />
      <details className="mt-2">
        <FoldSummary size="large">{lineWords.byBox()}</FoldSummary>
        <PlainTable
          label={lineWords.yieldByBox()}
          head={[lineWords.box(), commonWords.frames2(), lineWords.yield(), lineWords.aFrame()]}
          rows={rows(mass.byBox)}
        />
      </details>
      <p className="mt-1 text-base">{lineWords.dividedInProportionToWhat()}</p>
    </SheetSection>
  );
}

function WeighingFields(): ReactElement {
  return (
    <div className="space-y-5">
      <Field of={weighingEntry} at="stage" />
      <div className="grid gap-5 sm:grid-cols-2">
        <Field of={weighingEntry} at="massKg" big />
        <Field of={weighingEntry} at="plusMinusKg" />
      </div>
      <Fields of={weighingEntry} at={['weighedAt', 'remark']} />
    </div>
  );
}

function WeighingRows({
  weighings,
  onEdit,
}: {
  weighings: readonly Weighing[];
  onEdit: (one: Weighing) => void;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  return (
    <ul className="divide-y divide-thread">
      {weighings.map((weighing) => (
        <li
          key={weighing.entityId}
          className="flex flex-wrap items-center justify-between gap-3 py-2"
        >
          <span className="text-lg">
            <strong>{formatQuantity(weighing.content.massKg, 'mass', preferences, 2)}</strong>{' '}
            {STAGE_NAMES[weighing.content.stage]}
            <span className="block text-base text-ink-soft">
              {formatMoment(weighing.content.weighedAt)} {weighing.content.remark}
            </span>
          </span>
          <Button tone="quiet" onClick={() => onEdit(weighing)}>
            {commonWords.change()}
            <span className="sr-only"> {STAGE_NAMES[weighing.content.stage]}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

function MassView({ file }: { file: LotFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const moment = useMoment();
  const [edited, setEdited] = useState<Weighing | 'new' | null>(null);
  const record = edited === 'new' ? null : edited;
  const moisture = useLotMoisture(file, VISCOSITY_RANGE_PERCENT);
  const mass = useMemo(() => lotMass(file, moisture), [file, moisture]);
  return (
    <>
      <LotPageHeader file={file} at="mass" />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-6">
          <Balance mass={mass} />
          <SheetSection
            id="weighed"
            title={lineWords.weighedOnTheWay()}
            aside={<Button onClick={() => setEdited('new')}>{lineWords.recordAWeight()}</Button>}
          >
            <WeighingRows weighings={file.weighings} onEdit={setEdited} />
            <p className="mt-2 text-base">{lineWords.honeyDrainedFromCappingsIs()}</p>
            <div className="mt-2">
              <PageLink to={`lots/${file.lot.entityId}`}>{lineWords.containersOfTheLot()}</PageLink>
            </div>
          </SheetSection>
        </div>
        <div className="space-y-8">
          <JarsSection honeyKg={mass.got?.massKg ?? 0} moisturePercent={moisture} />
          <Yields mass={mass} />
        </div>
      </div>
      <EntrySheet
        open={edited !== null}
        onOpenChange={(open) => !open && setEdited(null)}
        kind="weighing"
        record={record}
        ownerId={file.lot.entityId}
        what={lineWords.theWeight()}
        title={lineWords.honeyWeighedOnItsWay()}
        description={lineWords.whatIsWeighedClosesThe()}
        formOf={weighingFormOf(record?.content ?? null, moment, preferences)}
        parse={(form) => weighingEntry.read(form, preferences)}
      >
        <WeighingFields />
      </EntrySheet>
    </>
  );
}

/** Honey of a lot from comb to container, who gave it, and what it comes to in jars. */
export function MassScreen(): ReactElement {
  return <LotGate View={MassView} />;
}
