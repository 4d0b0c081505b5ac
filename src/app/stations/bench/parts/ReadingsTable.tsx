import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useRef, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import type { Ledger } from '../../../../model';
import { selectWorkspace, useAppSelector } from '../../../../store';
import { formatMoment } from '../../../format/dates';
import { formatPercent } from '../../../format/moisture';
import { INPUT } from '../../../ui/classes';
import { readingLines, type ReadingLine } from '../readingRows';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';

const column = createColumnHelper<ReadingLine>();

const COLUMNS = [
  column.accessor('takenAt', {
    header: commonWords.taken(),
    cell: (cell) => formatMoment(cell.getValue()),
  }),
  column.accessor('lot', { header: commonWords.lotHeading() }),
  column.accessor('vessel', { header: commonWords.from() }),
  column.accessor('spot', { header: benchWords.spot() }),
  column.accessor('dial', { header: benchWords.dial() }),
  column.accessor((line) => line.percent ?? -1, {
    id: 'percent',
    header: commonWords.water(),
    cell: (cell) => {
      const { percent, doubt } = cell.row.original;
      if (percent === null) return benchWords.practice();
      return `${formatPercent(percent)} %${doubt ? benchWords.inDoubt() : ''}`;
    },
  }),
  column.accessor('meter', { header: commonWords.meter() }),
  column.accessor('reader', { header: benchWords.readBy() }),
];

/** Height of a row [px]; a finger finds it. */
const ROW_HEIGHT = 44;
const GRID =
  'grid grid-cols-[11rem_minmax(10rem,2fr)_7rem_5.5rem_6.5rem_8.5rem_minmax(14rem,1.5fr)_5rem] min-w-[68rem]';

function useTable(lines: ReadingLine[], search: string) {
  const [sorting, setSorting] = useState<SortingState>([]);
  return useReactTable({
    data: lines,
    columns: COLUMNS,
    state: { sorting, globalFilter: search },
    onSortingChange: setSorting,
    globalFilterFn: 'includesString',
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
}

type Table = ReturnType<typeof useTable>;

const SORT_WORDS = { asc: 'ascending', desc: 'descending' } as const;

function Head({ table }: { table: Table }): ReactElement {
  return (
    <div role="row" className={`${GRID} sticky top-0 z-10 border-b-2 border-ink bg-linen`}>
      {table.getFlatHeaders().map((header) => {
        const sorted = header.column.getIsSorted();
        return (
          <div key={header.id} role="columnheader" aria-sort={sorted ? SORT_WORDS[sorted] : 'none'}>
            <button
              type="button"
              onClick={header.column.getToggleSortingHandler()}
              className="flex min-h-11 w-full items-center gap-1 text-left text-base font-bold hover:bg-lavender-pale"
            >
              {String(header.column.columnDef.header)}
              {sorted === 'asc' && <ArrowUp aria-hidden className="size-4" />}
              {sorted === 'desc' && <ArrowDown aria-hidden className="size-4" />}
            </button>
          </div>
        );
      })}
    </div>
  );
}

interface BodyProps {
  table: Table;
  virtual: Virtualizer<HTMLDivElement, Element>;
}

function Body({ table, virtual }: BodyProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { rows } = table.getRowModel();
  return (
    <div role="rowgroup" className="relative" style={{ height: virtual.getTotalSize() }}>
      {virtual.getVirtualItems().map((item) => {
        const row = rows[item.index];
        if (!row) return null;
        return (
          <div
            key={row.id}
            role="row"
            aria-rowindex={item.index + 2}
            className={`${GRID} absolute inset-x-0 top-0 items-center border-b border-thread text-base`}
            style={{ height: ROW_HEIGHT, transform: `translateY(${item.start}px)` }}
          >
            {row.getVisibleCells().map((cell) => (
              <div key={cell.id} role="cell" className="truncate pr-3">
                {cell.column.id === 'lot' ? (
                  <Link
                    to={`/${workspace}/bench/${row.original.lotId}`}
                    className="flex min-h-11 items-center font-semibold text-lavender underline"
                  >
                    <span className="truncate">{row.original.lot}</span>
                  </Link>
                ) : (
                  <CellText cell={cell} />
                )}
              </div>
            ))}
          </div>
        );
      })}
    </div>
  );
}

type Cell = ReturnType<ReturnType<Table['getRowModel']>['rows'][number]['getVisibleCells']>[number];

function CellText({ cell }: { cell: Cell }): ReactElement {
  const render = cell.column.columnDef.cell;
  return (
    <>
      {typeof render === 'function'
        ? (render(cell.getContext()) as string)
        : String(cell.getValue())}
    </>
  );
}

/** All readings in a table that scrolls however many there are. */
export function ReadingsTable({ ledger }: { ledger: Ledger }): ReactElement {
  const scroller = useRef<HTMLDivElement>(null);
  const [search, setSearch] = useState('');
  const lines = useMemo(() => readingLines(ledger), [ledger]);
  const table = useTable(lines, search);
  const found = table.getRowModel().rows.length;
  // It asks for the scroller in its effects, so it stands where that is drawn.
  const virtual = useVirtualizer<HTMLDivElement, Element>({
    count: found,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 12,
  });
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <label className="block grow basis-72 text-base font-semibold">
          {benchWords.searchLotsVesselsMetersReaders()}
          <input
            type="search"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
            className={INPUT}
          />
        </label>
        <p role="status" className="text-2xl font-bold">
          {benchWords.readings({ found })}
        </p>
      </div>
      <div
        ref={scroller}
        role="table"
        aria-label={benchWords.allReadings()}
        aria-rowcount={found + 1}
        tabIndex={0}
        className="h-[60dvh] min-h-80 overflow-auto border-y-2 border-ink"
      >
        <div role="rowgroup" className="sticky top-0 z-10">
          <Head table={table} />
        </div>
        <Body table={table} virtual={virtual} />
      </div>
    </>
  );
}
