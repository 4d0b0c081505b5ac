import { useEditing } from '../../../data/useEditing';
import { type ReactElement } from 'react';
import { DEFAULT_FORMAT_ID, FRAME_FORMATS, spunOut } from '../../../../core';
import type { ExtractionFile } from '../../../../model';
import type { FrameWeighing } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useMoment } from '../../../data/useMoment';
import { frameWeighingEntry, frameWeighingFormOf } from '../../../forms/line/lineForms';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { SheetSection } from '../../../ui/page/SheetSection';
import { FrameWeighingFields } from './CombFields';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

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

/** Frames weighed before and after, and whether they are spun empty. */
export function WeighedSection({ file }: { file: ExtractionFile }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const editing = useEditing<FrameWeighing>();
  const { record } = editing;
  const last = file.frameWeighings.at(-1)?.content;
  return (
    <SheetSection
      id="weighed"
      title={lineWords.isAFrameEmpty()}
      aside={<Button onClick={() => editing.add()}>{lineWords.weighAFrame()}</Button>}
    >
      <p className="text-lg">{lineWords.weighAFrameBeforeAnd()}</p>
      <ul className="mt-2 divide-y divide-thread">
        {file.frameWeighings.map((frameWeighing) => (
          <WeighedRow
            key={frameWeighing.entityId}
            weighing={frameWeighing}
            onEdit={() => editing.edit(frameWeighing)}
          />
        ))}
      </ul>
      <EntrySheet
        {...editing}
        kind="frame-weighing"
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
