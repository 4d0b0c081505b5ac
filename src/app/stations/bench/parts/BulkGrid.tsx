import clsx from 'clsx';
import {
  Fragment,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
  type ReactElement,
} from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { VesselEvidence } from '../../../../core';
import { meteredReading, type LotFile } from '../../../../model';
import { type ReadingContent } from '../../../../records';
import type { Parsed } from '../../../entry/reader';
import type { ReadingContext } from '../../../forms/bench/readingForm';
import { unitOf } from '../../../format/units';
import { formatPercent } from '../../../format/moisture';
import { Button } from '../../../ui/Button';
import { INPUT } from '../../../ui/classes';
import { TableHead } from '../../../ui/PlainTable';
import { readRow, type BulkForm, type BulkRow } from '../bulk';
import { useMeters } from '../../../data/useWorkspaceModel';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

const COLUMNS = ['dial', 'temperature', 'remark'] as const;
type Column = (typeof COLUMNS)[number];

const COLUMN_NAMES: Readonly<Record<Column, string>> = {
  dial: commonWords.theDialShows(),
  temperature: commonWords.temperature(),
  remark: commonWords.remark(),
};

const cellId = (row: number, column: Column): string => `cell-${row}-${column}`;

function focusCell(row: number, column: Column): boolean {
  const cell = document.getElementById(cellId(row, column));
  if (!(cell instanceof HTMLInputElement)) return false;
  cell.focus();
  cell.select();
  return true;
}

interface BulkGridProps {
  vessels: readonly VesselEvidence[];
  file: LotFile;
  contextFor: (form: BulkForm) => ReadingContext;
  /** several cells were pasted at once */
  onPasteTable: (text: string) => void;
}

interface RowProps {
  at: number;
  row: BulkRow;
  form: BulkForm;
  planned: boolean;
  vessels: readonly VesselEvidence[];
  context: ReadingContext;
  /** the row in which one types is not scolded */
  typing: boolean;
}

interface RowAnswerProps {
  at: number;
  /** null while nothing is typed */
  parsed: Parsed<ReadingContent> | null;
  typing: boolean;
}

/** What a row means, or what is wrong with it. */
function RowAnswer({ at, parsed, typing }: RowAnswerProps): ReactElement {
  const meters = useMeters();
  if (!parsed) return <span className="text-ink-soft">–</span>;
  if (!parsed.ok) {
    const sentence = typing ? '' : (Object.values(parsed.errors)[0]?.sentence ?? '');
    return (
      <span id={`row-${at}-wrong`} className="text-base font-semibold">
        {sentence}
      </span>
    );
  }
  const { read } = meteredReading(parsed.content, meters);
  return (
    <strong className="text-2xl">
      {read.status === 'read' ? `${formatPercent(read.moisturePercent)} %` : '—'}
    </strong>
  );
}

function GridRow(props: RowProps): ReactElement {
  const { at, row, form, planned, vessels, context, typing } = props;
  const { register } = useFormContext<BulkForm>();
  const label =
    vessels.find((vessel) => vessel.id === row.vessel)?.label ?? benchWords.wholeLotHeading();
  const parsed = row.dial.trim() === '' ? null : readRow(form, row, context);
  const wrong = parsed?.ok === false;
  return (
    <tr className={clsx('border-b border-thread', planned && 'bg-lavender-pale')}>
      <td className="py-1 pr-3">
        <select
          aria-label={benchWords.containerOfRow({ at: at + 1 })}
          className={clsx(INPUT, 'min-w-36')}
          {...register(`rows.${at}.vessel`)}
        >
          <option value="">{benchWords.wholeLotHeading()}</option>
          {vessels.map((vessel) => (
            <option key={vessel.id} value={vessel.id}>
              {vessel.label}
              {vessel.suspectBecause === undefined ? '' : benchWords.keptApartHeading()}
            </option>
          ))}
        </select>
      </td>
      {COLUMNS.map((column) => (
        <Fragment key={column}>
          <td className="py-1 pr-2">
            <input
              id={cellId(at, column)}
              aria-label={`${COLUMN_NAMES[column]}, ${label}`}
              aria-invalid={column === 'dial' && wrong && !typing}
              aria-describedby={column === 'dial' && wrong ? `row-${at}-wrong` : undefined}
              autoComplete="off"
              inputMode={column === 'remark' ? 'text' : 'decimal'}
              data-row={at}
              data-column={column}
              className={clsx(
                INPUT,
                column === 'dial' ? 'min-w-20 text-2xl! font-bold' : 'min-w-24',
              )}
              {...register(`rows.${at}.${column}`)}
            />
          </td>
          {column === 'dial' && (
            <td className="min-w-28 py-1 pr-2">
              <RowAnswer at={at} parsed={parsed} typing={typing} />
            </td>
          )}
        </Fragment>
      ))}
    </tr>
  );
}

/** Enter and arrows go from row to row in the same column; the last row's Enter keeps them all. */
function useGridKeys(rows: number, onPasteTable: (text: string) => void) {
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    const cell = event.target;
    if (!(cell instanceof HTMLInputElement) || cell.dataset['row'] === undefined) return;
    const step = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step === undefined || event.ctrlKey || event.metaKey) return;
    const next = Number(cell.dataset['row']) + step;
    if (event.key === 'Enter' && next >= rows) return;
    event.preventDefault();
    focusCell(next, cell.dataset['column'] as Column);
  };
  const onPaste = (event: ClipboardEvent<HTMLElement>): void => {
    const text = event.clipboardData.getData('text/plain');
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    onPasteTable(text);
  };
  return { onKeyDown, onPaste };
}

/** A row a vessel: type the dial, press Enter, type the next. */
export function BulkGrid(props: BulkGridProps): ReactElement {
  const { vessels, file, contextFor, onPasteTable } = props;
  const { control } = useFormContext<BulkForm>();
  const { fields, append } = useFieldArray({ control, name: 'rows' });
  const form = useWatch({ control }) as BulkForm;
  const [typing, setTyping] = useState(-1);
  const planned = new Set(file.plan?.content.plannedIds.flat() ?? []);
  const keys = useGridKeys(fields.length, onPasteTable);
  const context = contextFor(form);
  const degrees = unitOf('temperature', context.preferences).name;
  return (
    <div
      {...keys}
      onFocus={(event) => {
        const row = (event.target as HTMLElement).dataset['row'];
        setTyping(row === undefined ? -1 : Number(row));
      }}
      onBlur={() => setTyping(-1)}
    >
      <p className="mb-2 text-base">
        {benchWords.enterGoesToTheNext()}
        {planned.size > 0 && benchWords.shadedInThePlan()}
      </p>
      <div
        className="overflow-x-auto"
        role="region"
        aria-label={benchWords.readingsToType()}
        tabIndex={-1}
      >
        <table className="w-full border-collapse text-left text-base">
          <TableHead
            head={[
              benchWords.container(),
              COLUMN_NAMES.dial,
              commonWords.water(),
              benchWords.atDegrees({ degrees }),
              COLUMN_NAMES.remark,
            ]}
          />
          <tbody>
            {fields.map((field, at) => {
              const row = form.rows[at];
              return row ? (
                <GridRow
                  key={field.id}
                  at={at}
                  row={row}
                  form={form}
                  planned={planned.has(row.vessel)}
                  vessels={vessels}
                  context={context}
                  typing={typing === at}
                />
              ) : null;
            })}
          </tbody>
        </table>
      </div>
      <Button
        className="mt-3"
        onClick={() => append({ vessel: '', dial: '', temperature: '', spot: '', remark: '' })}
      >
        {benchWords.addARow()}
      </Button>
    </div>
  );
}
