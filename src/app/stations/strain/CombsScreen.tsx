import { useMemo, useState, type ReactElement } from 'react';
import {
  DEFAULT_FORMAT_ID,
  FRAME_FORMATS,
  judgeTools,
  spunOut,
  type ToolJudgement,
} from '../../../core';
import type { ExtractionFile, HoneyHouse, NamedTool } from '../../../model';
import type { FrameWeighing, OwnTool } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import {
  USUAL_TOOL,
  frameWeighingEntry,
  frameWeighingFormOf,
  toolEntry,
} from '../../forms/line/lineForms';
import { durationText } from '../../format/clock';
import { FACE_NAMES, TOOL_NAMES, toolName } from '../../words/strainWords';
import { formatQuantity } from '../../format/units';
import { Button } from '../../ui/Button';
import { EntrySheet } from '../../ui/forms/EntrySheet';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { DayGate } from './parts/DayGate';
import { DayHeader } from './parts/DayHeader';
import { FrameWeighingFields, ToolFields } from './parts/CombFields';
import { PairsSection } from './parts/PairsSection';

const AGAINST = { face: 'is wrong for such comb', 'new-comb': 'tears or melts new comb' } as const;

function suits(judged: ToolJudgement): string {
  return judged.against.length === 0
    ? 'suits'
    : judged.against.map((one) => AGAINST[one]).join(', ');
}

function ToolsSection({ file, house }: { file: ExtractionFile; house: HoneyHouse }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [tool, setTool] = useState<OwnTool | 'new' | null>(null);
  const { face, newComb, frames, honeyKgPerFrame, tool: chosen } = file.extraction.content;
  const judged = useMemo(
    () => judgeTools({ face, isNew: newComb, frames, honeyKgPerFrame }, house.tools),
    [face, newComb, frames, honeyKgPerFrame, house.tools],
  );
  const record = tool === 'new' ? null : tool;
  const used = judged.find((one) => one.tool.kind === chosen.kind);
  return (
    <SheetSection
      id="tools"
      title="Opening the combs"
      aside={<Button onClick={() => setTool('new')}>A tool of your own</Button>}
    >
      {used && (
        <p className="mb-2 text-xl">
          {FACE_NAMES[face]}
          {newComb ? ', built this year' : ''}: chosen for the day is the{' '}
          {TOOL_NAMES[chosen.kind].toLowerCase()}, which <strong>{suits(used)}</strong>
          {used.against.length > 0 ? '.' : ' this comb.'}
        </p>
      )}
      <PlainTable
        label="Tools on these combs"
        head={['Tool', 'For this comb', 'Takes', 'With the wax', 'Comb spared']}
        rows={judged.map((one) => {
          const named = one.tool as NamedTool;
          const own = house.ownTools.find((each) => each.entityId === named.id);
          return [
            own ? (
              <Button key={named.id} tone="quiet" className="px-0!" onClick={() => setTool(own)}>
                {toolName(named)}
              </Button>
            ) : (
              toolName(named)
            ),
            suits(one),
            durationText(one.minutes),
            formatQuantity(one.lossKg, 'mass', preferences),
            `${Math.round(100 * named.combSpared)} %`,
          ];
        })}
      />
      <p className="mt-2 text-base">
        Times and losses are usual ones, common practice without a source: time ten frames with your
        own tool and type what it took. Proud comb suits a knife, sunken comb a fork. Most of what
        goes with the wax drips out again, into a container of its own.
      </p>
      <EntrySheet
        open={tool !== null}
        onOpenChange={(open) => !open && setTool(null)}
        kind="uncapping-tool"
        record={record}
        what="the tool"
        title={record ? record.content.name : 'A tool of your own'}
        description="Its own times and losses; the plan takes them from the day’s sheet."
        formOf={toolEntry.fill(record?.content ?? USUAL_TOOL, preferences)}
        parse={(form) => toolEntry.read(form, preferences)}
      >
        <ToolFields />
      </EntrySheet>
    </SheetSection>
  );
}

const VERDICTS = {
  empty: 'empty',
  'spin-on': 'spin on: more is left than need be',
  'not-settled': 'not settled with this scale',
} as const;

function WeighedRow({
  weighing,
  onEdit,
}: {
  weighing: FrameWeighing;
  onEdit: () => void;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const found = spunOut(weighing.content);
  const percent = (share: number): string => `${Math.round(100 * share)} %`;
  const { low, likely, high } = found.leftShare;
  return (
    <li className="flex flex-wrap items-center justify-between gap-3 py-2 text-lg">
      <span>
        <strong>
          {weighing.content.label || 'A frame'}: {VERDICTS[found.verdict]}
        </strong>
        <span className="block text-base">
          {formatQuantity(found.outKg, 'mass', preferences, 2)} came out; {percent(likely)} is left
          ({percent(low)} to {percent(high)})
        </span>
      </span>
      <Button tone="quiet" onClick={onEdit}>
        Change<span className="sr-only"> {weighing.content.label}</span>
      </Button>
    </li>
  );
}

/** An empty frame of the usual format [kg]. */
const USUAL_TARE_KG =
  FRAME_FORMATS.find((one) => one.id === DEFAULT_FORMAT_ID)?.frameTareKg ?? 0.35;

function WeighedSection({ file }: { file: ExtractionFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const [weighing, setWeighing] = useState<FrameWeighing | 'new' | null>(null);
  const record = weighing === 'new' ? null : weighing;
  const last = file.frameWeighings.at(-1)?.content;
  return (
    <SheetSection
      id="weighed"
      title="Is a frame empty?"
      aside={<Button onClick={() => setWeighing('new')}>Weigh a frame</Button>}
    >
      <p className="text-lg">
        Weigh a frame before and after spinning: the difference tells when longer spinning pays.
      </p>
      <ul className="mt-2 divide-y divide-thread">
        {file.frameWeighings.map((one) => (
          <WeighedRow key={one.entityId} weighing={one} onEdit={() => setWeighing(one)} />
        ))}
      </ul>
      <EntrySheet
        open={weighing !== null}
        onOpenChange={(open) => !open && setWeighing(null)}
        kind="frame-weighing"
        record={record}
        ownerId={file.extraction.entityId}
        what="the weighing"
        title="A frame, weighed twice"
        description="With wood and wax; what an empty one weighs is taken off."
        formOf={frameWeighingFormOf(
          record?.content ?? null,
          last?.tareKg ?? USUAL_TARE_KG,
          preferences,
        )}
        parse={(form) =>
          frameWeighingEntry.read(form, preferences, {
            rest: { takenAt: record?.content.takenAt ?? now },
          })
        }
      >
        <FrameWeighingFields />
      </EntrySheet>
    </SheetSection>
  );
}

function CombsView({ file, house }: { file: ExtractionFile; house: HoneyHouse }): ReactElement {
  return (
    <>
      <DayHeader file={file} at="/combs" />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <ToolsSection file={file} house={house} />
        <div className="space-y-8">
          <WeighedSection file={file} />
          <PairsSection file={file} />
        </div>
      </div>
    </>
  );
}

/** Combs of a day: which tool opens them, and when they are spun empty. */
export function CombsScreen(): ReactElement {
  return <DayGate View={CombsView} />;
}
