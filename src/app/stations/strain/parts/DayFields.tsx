import { type ReactElement } from 'react';
import { secondsWithPicking } from '../../../../core';
import { useFormContext } from 'react-hook-form';
import { compositionCount, compositionMass, usualLine, type NamedTool } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { dayEntry, type DayForm } from '../../../forms/line/extractionForm';
import { proposed } from '../../../forms/proposed';
import { decimalText } from '../../../format/decimal';
import { toolName } from '../../../words/strainWords';
import { unitOf } from '../../../format/units';
import { lotOptions } from '../../../lot/lotOptions';
import { useLedger } from '../../../data/useWorkspaceModel';
import { FieldFold } from '../../../ui/forms/FieldFold';
import { lineWords } from '../../../words/english/line';

const GRID = 'grid gap-5 sm:grid-cols-2';

function LotOfDay(): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const { setValue, getValues } = useFormContext<DayForm>();
  const { files } = useLedger();
  if (files.length === 0) return null;
  const take = (lotId: string): void => {
    const file = files.find((lotFile) => lotFile.lot.entityId === lotId);
    if (!file) return;
    const set = (field: 'name' | 'honeyKind' | 'frames' | 'honeyKgPerFrame', text: string): void =>
      setValue(field, text, { shouldDirty: true });
    if (getValues('name').trim() === '')
      set('name', file.lot.content.name || file.lot.content.code);
    set('honeyKind', file.lot.content.honeyKind);
    const made = file.frames?.content;
    if (!made) return;
    const [frames, { massKg }] = [compositionCount(made), compositionMass(made)];
    set('frames', String(frames));
    set('honeyKgPerFrame', decimalText(unitOf('mass', preferences).fromBase(massKg / frames), 2));
  };
  return <Field of={dayEntry} at="lotId" choices={lotOptions(files)} onChosen={take} />;
}

/** What each tool asks of the hand. */
const TOOL_HINTS: Readonly<Record<string, () => string>> = {
  'hot-knife': lineWords.neverPutItDownSwitched,
  'cold-knife': lineWords.warmItInWater,
  'bread-knife': lineWords.warmItInWater,
  roller: lineWords.pickItClean,
};

function ToolFields({ tools }: { tools: readonly NamedTool[] }): ReactElement {
  const { setValue, watch } = useFormContext<DayForm>();
  const take = (kind: string): void => {
    const tool = tools.find((namedTool) => namedTool.kind === kind);
    if (!tool) return;
    const seconds = decimalText(secondsWithPicking(tool), 0);
    setValue('tool.secondsPerFrame', seconds, { shouldDirty: true });
    setValue('tool.lossShare', decimalText(100 * tool.lossShare, 1), { shouldDirty: true });
  };
  const kinds = tools.filter(
    (tool, at) => tools.findIndex((each) => each.kind === tool.kind) === at,
  );
  const chosen = watch('tool.kind');
  return (
    <>
      <Field
        of={dayEntry}
        at="tool.kind"
        choices={kinds.map((kind) => ({ value: kind.kind, label: toolName(kind) }))}
        onChosen={take}
        hint={TOOL_HINTS[chosen]?.()}
      />
      <div className={GRID}>
        <Fields
          of={dayEntry}
          at={['tool.secondsPerFrame', 'tool.count', 'tool.lossShare', 'tool.rackFrames']}
        />
      </div>
    </>
  );
}

/** How the extractor is driven; a new day takes over what is usual with one like it. */
function DrivenField({ began }: { began: DayForm | null }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { setValue, getValues } = useFormContext<DayForm>();
  const usual = (byHand: boolean): Partial<DayForm> => {
    const usualForm = dayEntry.fill(usualLine(byHand), preferences);
    const { people, tool, extractor, pail, breaks, around } = usualForm;
    return { people, tool, extractor, pail, breaks, around };
  };
  const take = (byHand: string): void => {
    const isByHand = byHand === 'yes';
    const earlier = [began ?? {}, usual(!isByHand)];
    for (const [path, value] of proposed(usual(isByHand), getValues(), earlier)) {
      setValue(path as keyof DayForm, value as never, { shouldDirty: true });
    }
  };
  return <Field of={dayEntry} at="extractor.byHand" {...(began && { onChosen: take })} />;
}

function ExtractorFields(): ReactElement {
  const { watch } = useFormContext<DayForm>();
  return (
    <FieldFold size="heading" title={lineWords.extractor()} fields={['extractor']}>
      <Field of={dayEntry} at="extractor.turned" />
      <div className={GRID}>
        <Field of={dayEntry} at="extractor.framesPerLoad" />
        <Field
          of={dayEntry}
          at="extractor.spinMinutes"
          label={
            watch('extractor.turned') === 'yes' ? lineWords.eachSideSpins() : lineWords.spinsFor()
          }
        />
        <Field of={dayEntry} at="extractor.handleMinutes" />
        {watch('extractor.turned') === 'yes' && <Field of={dayEntry} at="extractor.turnMinutes" />}
        <Fields
          of={dayEntry}
          at={['extractor.count', 'extractor.leftShare', 'extractor.wallsKg', 'extractor.sumpKg']}
        />
      </div>
    </FieldFold>
  );
}

function StrainerFields(): ReactElement {
  return (
    <FieldFold
      size="heading"
      title={lineWords.strainerHoneyAndPails()}
      fields={['temperatureC', 'moisturePercent', 'strainer', 'pail']}
    >
      <div className={GRID}>
        <Fields of={dayEntry} at={['temperatureC', 'moisturePercent']} />
      </div>
      <div className="grid gap-5 sm:grid-cols-3">
        <Fields
          of={dayEntry}
          at={[
            'strainer.meshes.coarse.openingUm',
            'strainer.meshes.coarse.areaDm2',
            'strainer.meshes.coarse.headCm',
            'strainer.meshes.fine.openingUm',
            'strainer.meshes.fine.areaDm2',
            'strainer.meshes.fine.headCm',
          ]}
        />
      </div>
      <div className={GRID}>
        <Fields
          of={dayEntry}
          at={['strainer.count', 'strainer.scrapeMinutes', 'strainer.scrapeAtShare']}
        />
      </div>
      <div className="grid gap-5 sm:grid-cols-3">
        <Fields of={dayEntry} at={['pail.kg', 'pail.have', 'pail.changeMinutes']} />
      </div>
    </FieldFold>
  );
}

function AroundFields(): ReactElement {
  return (
    <FieldFold size="heading" title={lineWords.aroundTheHoney()} fields={['around']}>
      <div className="grid gap-5 sm:grid-cols-3">
        <Fields
          of={dayEntry}
          at={['around.setUpMin', 'around.washUpMin', 'around.interruptedShare']}
        />
      </div>
    </FieldFold>
  );
}

function BeesFields(): ReactElement {
  return (
    <FieldFold size="heading" title={lineWords.beesHours()} fields={['bees']}>
      <p className="text-base">{lineWords.whileBeesFlyDoorsStay()}</p>
      <div className={GRID}>
        <Fields
          of={dayEntry}
          at={[
            'bees.shutFromMin',
            'bees.shutToMin',
            'bees.boxesInside',
            'bees.carryMinutes',
            'bees.wetOutFromMin',
            'bees.wetOutMinutes',
          ]}
        />
      </div>
    </FieldFold>
  );
}

/** What a day at the line is: combs and people at once, the rest where it differs from usual. */
export function DayFields({
  tools,
  began,
}: {
  tools: readonly NamedTool[];
  /** what a new day began with; null for one that is changed */
  began: DayForm | null;
}): ReactElement {
  return (
    <div className="space-y-5">
      <LotOfDay />
      <Field of={dayEntry} at="name" />
      <div className="grid gap-5 sm:grid-cols-3">
        <Field of={dayEntry} at="frames" big />
        <Fields of={dayEntry} at={['day', 'startMin']} />
      </div>
      <DrivenField began={began} />
      <Field of={dayEntry} at="people" />
      <div className={GRID}>
        <Fields of={dayEntry} at={['honeyKgPerFrame', 'framesPerBox', 'smallFrames']} />
      </div>
      <Fields of={dayEntry} at={['face', 'newComb', 'honeyKind']} />
      <ToolFields tools={tools} />
      <div className={GRID}>
        <Fields of={dayEntry} at={['breaks', 'endMin']} />
      </div>
      <AroundFields />
      <ExtractorFields />
      <StrainerFields />
      <BeesFields />
      <Field of={dayEntry} at="remark" />
    </div>
  );
}
