import type { ReactElement } from 'react';
import { type Weighing } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { weighingEntry } from '../../forms/line/strainForms';
import { formatMoment } from '../../format/dates';
import { formatQuantity } from '../../format/units';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { Columns } from '../../ui/page/Columns';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { STAGE_NAMES } from '../../words/strainWords';
import { JarsSection } from './parts/JarsSection';
import { LotPageHeader } from './parts/LotPageHeader';
import { MassBalance } from './parts/MassBalance';
import { Yields } from './parts/Yields';
import type { useMassController } from './useMassController';
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';

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

/** Honey of a lot from comb to container, who gave it, and what it comes to in jars. */
export function MassView(props: ReturnType<typeof useMassController>): ReactElement {
  const { file, mass, moisturePercent, editing, entry } = props;
  return (
    <>
      <LotPageHeader file={file} at="mass" />
      <Columns>
        <div className="space-y-6">
          <MassBalance mass={mass} />
          <SheetSection
            id="weighed"
            title={lineWords.weighedOnTheWay()}
            aside={<Button onClick={() => editing.add()}>{lineWords.recordAWeight()}</Button>}
          >
            <WeighingRows weighings={file.weighings} onEdit={editing.edit} />
            <p className="mt-2 text-base">{lineWords.honeyDrainedFromCappingsIs()}</p>
            <div className="mt-2">
              <PageLink to={`lots/${file.lot.entityId}`}>{lineWords.containersOfTheLot()}</PageLink>
            </div>
          </SheetSection>
        </div>
        <div className="space-y-8">
          <JarsSection honeyKg={mass.got?.massKg ?? 0} moisturePercent={moisturePercent} />
          <Yields mass={mass} />
        </div>
      </Columns>
      <EntrySheet
        {...editing}
        {...entry}
        kind="weighing"
        ownerId={file.lot.entityId}
        what={lineWords.theWeight()}
        title={lineWords.honeyWeighedOnItsWay()}
        description={lineWords.whatIsWeighedClosesThe()}
      >
        <WeighingFields />
      </EntrySheet>
    </>
  );
}
