import type { ReactElement } from 'react';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { heatEntry } from '../../forms/line/strainForms';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { Columns } from '../../ui/page/Columns';
import { SheetSection } from '../../ui/page/SheetSection';
import { DaysLeft } from './parts/DaysLeft';
import { HeatBudget } from './parts/HeatBudget';
import { LogSpell } from './parts/LogSpell';
import { LotPageHeader } from './parts/LotPageHeader';
import { WarmingSection } from './parts/WarmingSection';
import { WarmthHistory } from './parts/WarmthHistory';
import type { useHeatController } from './useHeatController';
import { settlingWords } from '../../words/english/settling';

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

/** What warmth has cost a lot, what is left of the budget, and plans compared. */
export function HeatView(props: ReturnType<typeof useHeatController>): ReactElement {
  const { file, rooms, heat, moisturePercent, editing, entry } = props;
  return (
    <>
      <LotPageHeader file={file} at="heat" />
      <Columns>
        <div className="space-y-8">
          <HeatBudget heat={heat} />
          <SheetSection
            id="history"
            title={settlingWords.warmthSoFar()}
            aside={
              <span className="flex flex-wrap gap-2">
                <Button onClick={() => editing.add()}>{settlingWords.recordASpell()}</Button>
                <LogSpell file={file} rooms={rooms} />
              </span>
            }
          >
            <WarmthHistory file={file} heat={heat} onEdit={editing.edit} />
          </SheetSection>
          <DaysLeft heat={heat} />
        </div>
        <WarmingSection file={file} heat={heat} moisturePercent={moisturePercent} />
      </Columns>
      <EntrySheet
        {...editing}
        {...entry}
        kind="heat-spell"
        ownerId={file.lot.entityId}
        what={settlingWords.theSpell()}
        title={settlingWords.aSpellOfWarmth()}
        description={settlingWords.howWarmTheHoneyWas()}
      >
        <HeatFields />
      </EntrySheet>
    </>
  );
}
