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
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';

const AGAINST = {
  face: lineWords.isWrongForThisComb(),
  'new-comb': lineWords.tearsOrMeltsNewComb(),
} as const;

function suits(judged: ToolJudgement): string {
  return judged.against.length === 0
    ? lineWords.suits()
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
      title={lineWords.openingTheCombs()}
      aside={<Button onClick={() => setTool('new')}>{lineWords.aToolOfYourOwn()}</Button>}
    >
      {used && (
        <p className="mb-2 text-xl">
          {lineWords.chosenForTheDayIs({
            face: FACE_NAMES[face],
            part: newComb ? lineWords.builtThisYear() : '',
            tool: TOOL_NAMES[chosen.kind].toLowerCase(),
          })}{' '}
          <strong>{suits(used)}</strong>
          {used.against.length > 0 ? '.' : lineWords.thisComb()}
        </p>
      )}
      <PlainTable
        label={lineWords.toolsForTheseCombs()}
        head={[
          lineWords.tool(),
          lineWords.forThisComb(),
          lineWords.holds(),
          lineWords.withTheWax(),
          lineWords.combSpared(),
        ]}
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
      <p className="mt-2 text-base">{lineWords.timesAndLossesAreUsual()}</p>
      <EntrySheet
        open={tool !== null}
        onOpenChange={(open) => !open && setTool(null)}
        kind="uncapping-tool"
        record={record}
        what={lineWords.theTool()}
        title={record ? record.content.name : lineWords.aToolOfYourOwn()}
        description={lineWords.itsOwnTimesAndLosses()}
        formOf={toolEntry.fill(record?.content ?? USUAL_TOOL, preferences)}
        parse={(form) => toolEntry.read(form, preferences)}
      >
        <ToolFields />
      </EntrySheet>
    </SheetSection>
  );
}

const VERDICTS = {
  empty: commonWords.empty(),
  'spin-on': lineWords.spinLongerMoreIsLeft(),
  'not-settled': lineWords.notSettledWithThisScale(),
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
          {weighing.content.label || lineWords.aFrame()}: {VERDICTS[found.verdict]}
        </strong>
        <span className="block text-base">
          {lineWords.cameOutIsLeftTo({
            outKg: formatQuantity(found.outKg, 'mass', preferences, 2),
            likely: percent(likely),
            low: percent(low),
            high: percent(high),
          })}
        </span>
      </span>
      <Button tone="quiet" onClick={onEdit}>
        {commonWords.change()}
        <span className="sr-only"> {weighing.content.label}</span>
      </Button>
    </li>
  );
}

/** An empty frame of the usual format [kg]. */
const USUAL_TARE_KG =
  FRAME_FORMATS.find((frameFormat) => frameFormat.id === DEFAULT_FORMAT_ID)?.frameTareKg ?? 0.35;

function WeighedSection({ file }: { file: ExtractionFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const [weighing, setWeighing] = useState<FrameWeighing | 'new' | null>(null);
  const record = weighing === 'new' ? null : weighing;
  const last = file.frameWeighings.at(-1)?.content;
  return (
    <SheetSection
      id="weighed"
      title={lineWords.isAFrameEmpty()}
      aside={<Button onClick={() => setWeighing('new')}>{lineWords.weighAFrame()}</Button>}
    >
      <p className="text-lg">{lineWords.weighAFrameBeforeAnd()}</p>
      <ul className="mt-2 divide-y divide-thread">
        {file.frameWeighings.map((frameWeighing) => (
          <WeighedRow
            key={frameWeighing.entityId}
            weighing={frameWeighing}
            onEdit={() => setWeighing(frameWeighing)}
          />
        ))}
      </ul>
      <EntrySheet
        open={weighing !== null}
        onOpenChange={(open) => !open && setWeighing(null)}
        kind="frame-weighing"
        record={record}
        ownerId={file.extraction.entityId}
        what={lineWords.theWeighing()}
        title={lineWords.aFrameWeighedTwice()}
        description={lineWords.withWoodAndWaxThe()}
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
