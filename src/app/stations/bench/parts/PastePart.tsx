import { type ReactElement } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import type { VesselEvidence } from '../../../../core';
import { meteredReading } from '../../../../model';
import { type ReadingContent } from '../../../../records';
import type { ReadingContext } from '../../../forms/bench/readingForm';
import { formatPercent } from '../../../format/moisture';
import { Button } from '../../../ui/Button';
import { ColumnMatch } from '../../../ui/fields/ColumnMatch';
import { TableHead } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { PasteField } from '../../../ui/fields/PasteField';
import { TextFileChoice } from '../../../ui/fields/TextFileChoice';
import type { BulkForm } from '../bulk';
import {
  FIELD_NAMES,
  MOST_LINES,
  PASTE_FIELDS,
  cellsOf,
  leftOver,
  readPasted,
  waitingLines,
  type PastedLine,
} from '../pasted';
import { useMeters } from '../../../data/useWorkspaceModel';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

/** Good lines shown in the preview; bad ones are all shown. */
const GOOD_SHOWN = 30;

interface PastePartProps {
  vessels: readonly VesselEvidence[];
  contextFor: (form: BulkForm) => ReadingContext;
  onPaste: (text: string) => void;
  onKeep: (contents: readonly ReadingContent[]) => Promise<boolean>;
}

function LineRow({ one, vessels }: { one: PastedLine; vessels: readonly VesselEvidence[] }) {
  const meters = useMeters();
  const read = one.content && meteredReading(one.content, meters).read;
  const label =
    vessels.find((vessel) => vessel.id === one.row.vessel)?.label ?? benchWords.wholeLotHeading();
  return (
    <tr className="border-b border-thread">
      <td className="py-1.5 pr-3 align-top">{one.line}</td>
      {one.content ? (
        <>
          <td className="py-1.5 pr-3 align-top">{label}</td>
          <td className="py-1.5 pr-3 align-top">{one.row.dial}</td>
          <td className="py-1.5 align-top font-bold">
            {read?.status === 'read' ? `${formatPercent(read.moisturePercent)} %` : ''}
          </td>
        </>
      ) : (
        <td colSpan={3} className="py-1.5 align-top">
          <span className="font-semibold">{one.sentence}</span>{' '}
          <span className="text-ink-soft">({one.cells.join(' | ')})</span>
        </td>
      )}
    </tr>
  );
}

/** Every line as it will be kept, the bad ones first with what is wrong. */
function Preview({
  lines,
  vessels,
}: {
  lines: readonly PastedLine[];
  vessels: PastePartProps['vessels'];
}) {
  const bad = lines.filter((line) => line.content === null);
  const good = lines.filter((line) => line.content !== null);
  const shown = [...bad, ...good.slice(0, GOOD_SHOWN)];
  return (
    <div
      className="overflow-x-auto"
      role="region"
      aria-label={benchWords.whatWillBeSaved()}
      tabIndex={0}
    >
      <table className="w-full border-collapse text-left text-base">
        <TableHead
          head={[benchWords.line(), benchWords.container(), benchWords.dial(), commonWords.water()]}
        />
        <tbody>
          {shown.map((pastedLine) => (
            <LineRow key={pastedLine.line} one={pastedLine} vessels={vessels} />
          ))}
        </tbody>
      </table>
      {good.length > GOOD_SHOWN && (
        <p className="mt-1 text-base">
          {benchWords.andMoreGoodLines({ good: good.length - GOOD_SHOWN })}
        </p>
      )}
    </div>
  );
}

/** A table from elsewhere: pasted or a file, columns matched, every line shown before it is kept. */
export function PastePart({ vessels, contextFor, onPaste, onKeep }: PastePartProps): ReactElement {
  const { control, setValue } = useFormContext<BulkForm>();
  const form = useWatch({ control }) as BulkForm;
  const cells = cellsOf(form.paste);
  const waiting = cells.length < MOST_LINES ? 0 : waitingLines(form.paste).length;
  const reading = { ...contextFor(form), source: 'file' as const };
  const lines = cells.length === 0 ? [] : readPasted(form, { vessels, reading });
  const good = lines.flatMap((line) => (line.content ? [line.content] : []));
  const bad = lines.length - good.length;
  const keep = async (): Promise<void> => {
    if (await onKeep(good)) {
      setValue('paste', leftOver(form, lines), { shouldDirty: true });
    }
  };
  return (
    <SheetSection
      id="paste"
      title={benchWords.fromASpreadsheetOrA()}
      aside={<TextFileChoice label={benchWords.csvFile()} onText={onPaste} />}
    >
      <PasteField
        label={benchWords.pasteTheCellsHere()}
        placeholder={benchWords.bucketDialTemperature()}
        value={form.paste}
        onText={onPaste}
      />
      {lines.length > 0 && (
        <div className="mt-4 space-y-5">
          <ColumnMatch cells={cells} fields={PASTE_FIELDS} names={FIELD_NAMES} />
          <p role="status" className="text-2xl font-bold">
            {benchWords.goodLines({ good: good.length })}
            {bad > 0 && benchWords.linesToCorrect({ bad })}
          </p>
          {waiting > 0 && (
            <p className="text-base font-semibold">
              {benchWords.theFirstLinesAreRead({ mostLines: MOST_LINES, waiting })}
            </p>
          )}
          <Preview lines={lines} vessels={vessels} />
          <Button
            tone="ink"
            className="min-h-14"
            disabled={good.length === 0}
            onClick={() => void keep()}
          >
            {benchWords.saveTheGoodLines({ good: good.length })}
          </Button>
          {bad > 0 && <p className="text-base">{benchWords.theOthersStayAboveCorrect()}</p>}
        </div>
      )}
    </SheetSection>
  );
}
