import { useMemo, useState, type ReactElement } from 'react';
import { VISCOSITY_RANGE_PERCENT, type MassEstimate, type YieldShare } from '../../../core';
import { lotMass, type LotFile, type LotMass } from '../../../model';
import { type Weighing } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { weighingEntry, weighingFormOf } from '../../forms/line/strainForms';
import { counted } from '../../format/counted';
import { formatMoment } from '../../format/dates';
import { STAGE_NAMES } from '../../words/strainWords';
import { formatQuantity, unitOf } from '../../format/units';
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

const VERDICTS = {
  explained: 'It adds up within what is known.',
  missing:
    'More is missing than the doubts explain: a pail not written down, or combs judged too full?',
  'too-much':
    'There is more than hung in the combs: combs judged too poor, or a pail counted twice?',
  unknown: 'What hung in the combs, and what is in containers, make it a balance.',
} as const;

/** "12.3 kg ± 0.4" */
function useMassText(): (mass: MassEstimate) => string {
  const preferences = useAppSelector(selectPreferences);
  const unit = unitOf('mass', preferences);
  return ({ massKg, standardUncertaintyKg }) =>
    `${formatQuantity(massKg, 'mass', preferences)} ± ${unit.fromBase(2 * standardUncertaintyKg).toFixed(1)}`;
}

const differenceName = (massKg: number): string =>
  massKg < 0 ? 'More found than hung in the combs' : 'Unexplained';

function Balance({ mass }: { mass: LotMass }): ReactElement {
  const text = useMassText();
  const { balance, unknownVessels } = mass;
  const { lines, unexplained, verdict, yieldShare } = balance;
  return (
    <>
      <section aria-label="The answer" className="border-l-8 border-lavender pl-4">
        <p className="text-xl">
          {unexplained ? differenceName(unexplained.massKg) : 'In containers'}
        </p>
        <p role="status" className="text-5xl leading-tight font-bold">
          {unexplained
            ? text({ ...unexplained, massKg: Math.abs(unexplained.massKg) })
            : mass.got
              ? text(mass.got)
              : 'not known yet'}
        </p>
        <p className="mt-1 text-xl">{VERDICTS[verdict]}</p>
        {yieldShare !== null && (
          <p className="text-lg">
            {Math.round(100 * yieldShare)} % of what hung in the combs is in containers.
          </p>
        )}
        {unknownVessels > 0 && (
          <p className="text-lg font-semibold">
            {counted(unknownVessels, 'container')} without a weight: not counted.
          </p>
        )}
      </section>
      <PlainTable
        label="Where the honey is"
        head={['Honey', 'How much', 'Known']}
        rows={[
          ...lines.map((one) => [
            STAGE_NAMES[one.stage],
            text(one.mass),
            one.from === 'weighed' ? 'weighed or judged' : 'usual share, not weighed',
          ]),
          ...[
            ['so ran out of the combs', balance.extracted] as const,
            ['so came through strainer and skim', balance.strained] as const,
          ].flatMap(([name, one]) => (one ? [[name, text(one), 'reckoned']] : [])),
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
    shares.map((one) => [one.from, String(one.frames), kg(one.kg), kg(one.kg / one.frames)]);
  return (
    <SheetSection id="yield" title="Who gave it">
      <p className="mb-2 text-xl">
        <strong className="text-3xl">{kg(mass.got.massKg / mass.frames)}</strong> a frame, of{' '}
        {counted(mass.frames, 'frame')}
      </p>
      <PlainTable
        label="Yield by hive"
        head={['Hive', 'Frames', 'Gave', 'A frame']}
        rows={rows(mass.byHive)}
      />
      <details className="mt-2">
        <FoldSummary size="large">By box</FoldSummary>
        <PlainTable
          label="Yield by box"
          head={['Box', 'Frames', 'Gave', 'A frame']}
          rows={rows(mass.byBox)}
        />
      </details>
      <p className="mt-1 text-base">
        Shared out in proportion to what each held by the look at its combs.
      </p>
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
      {weighings.map((one) => (
        <li key={one.entityId} className="flex flex-wrap items-center justify-between gap-3 py-2">
          <span className="text-lg">
            <strong>{formatQuantity(one.content.massKg, 'mass', preferences, 2)}</strong>{' '}
            {STAGE_NAMES[one.content.stage]}
            <span className="block text-base text-ink-soft">
              {formatMoment(one.content.weighedAt)} {one.content.remark}
            </span>
          </span>
          <Button tone="quiet" onClick={() => onEdit(one)}>
            Change<span className="sr-only"> {STAGE_NAMES[one.content.stage]}</span>
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
            title="Weighed on the way"
            aside={<Button onClick={() => setEdited('new')}>Write a weight down</Button>}
          >
            <WeighingRows weighings={file.weighings} onEdit={setEdited} />
            <p className="mt-2 text-base">
              Drip from cappings is a container of its own with its own reading: mark its pail as
              drip with the containers of the lot. Honey from melted cappings never goes back to it.
            </p>
            <div className="mt-2">
              <PageLink to={`lots/${file.lot.entityId}`}>Containers of the lot</PageLink>
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
        what="the weight"
        title="Honey weighed on its way"
        description="What is weighed closes the balance; what is not stands with a usual share."
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
