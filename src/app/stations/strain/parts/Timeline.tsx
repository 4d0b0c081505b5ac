import type { ReactElement } from 'react';
import type { LineBar, LineCourse } from '../../../../core';
import type { ExtractionContent } from '../../../../records';
import { clockText } from '../../../format/clock';
import { PlainTable } from '../../../ui/PlainTable';
import { RuleHatch } from '../../../ui/charts/RuleHatch';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

const WIDTH = 1000;
const ROW = 34;
const BAR = 24;
const NAMES = 120;
const HATCH = 'line-hatch';

/** How each kind of work is drawn: filled, outlined, hatched or pale. */
const LOOKS: Readonly<
  Record<LineBar['task'], { name: string; className: string; hatched?: true }>
> = {
  uncap: { name: lineWords.uncapping(), className: 'fill-paper stroke-ink' },
  load: { name: lineWords.fillingTurningEmptying(), className: 'fill-ink stroke-ink' },
  unload: { name: lineWords.fillingTurningEmptying(), className: 'fill-ink stroke-ink' },
  turn: { name: lineWords.fillingTurningEmptying(), className: 'fill-ink stroke-ink' },
  spin: { name: lineWords.spinning(), className: 'fill-lavender stroke-lavender' },
  strain: { name: lineWords.straining(), className: 'fill-lavender-mid stroke-lavender' },
  scrape: { name: lineWords.scrapingTheStrainer(), className: 'stroke-ink', hatched: true },
  'change-pail': { name: lineWords.changingPails(), className: 'fill-thread-deep stroke-ink' },
  'carry-in': { name: lineWords.carryingBoxesIn(), className: 'fill-thread stroke-ink' },
  'wet-out': { name: lineWords.carryingWetBoxesOut(), className: 'fill-thread stroke-ink' },
};

interface Row {
  readonly id: LineBar['row'];
  readonly name: string;
}

/** People by name, then machines; only who has something to do. */
function rowsOf(bars: readonly LineBar[], { people }: ExtractionContent): Row[] {
  const busy = new Set(bars.map((bar) => bar.row));
  const of = (kind: 'person' | 'extractor' | 'strainer', name: (at: number) => string): Row[] =>
    Array.from({ length: 50 }, (_, at) => ({
      id: `${kind}-${at}` as const,
      name: name(at),
    })).filter((item) => busy.has(item.id));
  const several = (kind: string): boolean => busy.has(`${kind}-1` as LineBar['row']);
  return [
    ...of('person', (at) => people[at]?.name || lineWords.person({ at: at + 1 })),
    ...of('extractor', (at) =>
      several('extractor') ? lineWords.extractorAt({ at: at + 1 }) : lineWords.extractor(),
    ),
    ...of('strainer', (at) =>
      several('strainer') ? lineWords.strainerAt({ at: at + 1 }) : lineWords.strainer(),
    ),
  ];
}

/** Bars of one kind that nearly touch, drawn as one; thousands would be a grey smear. */
export function joinedBars(bars: readonly LineBar[], gapMin: number): LineBar[] {
  const last = new Map<string, number>();
  const joined: LineBar[] = [];
  for (const bar of bars) {
    const at = last.get(bar.row);
    const before = at === undefined ? undefined : joined[at];
    if (
      before &&
      at !== undefined &&
      before.task === bar.task &&
      bar.fromMin - before.toMin <= gapMin
    ) {
      joined[at] = { ...before, toMin: bar.toMin };
    } else {
      last.set(bar.row, joined.length);
      joined.push(bar);
    }
  }
  return joined;
}

/** Whole hours inside the day, no closer than reads. */
function ticksOf(fromMin: number, toMin: number): number[] {
  const step = toMin - fromMin > 24 * 60 ? 240 : toMin - fromMin > 10 * 60 ? 120 : 60;
  const first = Math.ceil(fromMin / step) * step;
  const count = Math.max(0, Math.floor((toMin - first) / step) + 1);
  return Array.from({ length: count }, (_, at) => first + at * step);
}

/** What is drawn, each look once, in the order of the work. */
function legendOf(bars: readonly LineBar[]) {
  const tasks = new Set(bars.map((bar) => bar.task));
  const looks = Object.entries(LOOKS).filter(([task]) => tasks.has(task as LineBar['task']));
  return looks
    .map(([, look]) => look)
    .filter((look, at, all) => all.findIndex((item) => item.name === look.name) === at);
}

/** Wet boxes that go out hours later would squeeze the day; they are reported in words. */
const LATER_MIN = 60;

function worthDrawing(bars: readonly LineBar[]): LineBar[] {
  const work = bars.filter((bar) => bar.task !== 'wet-out');
  const end = Math.max(...work.map((lineBar) => lineBar.toMin));
  return bars.filter((bar) => bar.task !== 'wet-out' || bar.fromMin - end < LATER_MIN);
}

/** When each does what, as a list: the same as the drawing. */
function AsTable({ rows, bars }: { rows: readonly Row[]; bars: readonly LineBar[] }): ReactElement {
  const names = new Map(rows.map((row) => [row.id, row.name]));
  const shown = [...bars].sort((a, b) => a.fromMin - b.fromMin).slice(0, 400);
  return (
    <details className="mt-2">
      <FoldSummary size="large">{lineWords.whoDoesWhatAsA()}</FoldSummary>
      <PlainTable
        label={lineWords.whoDoesWhat()}
        head={[commonWords.from(), commonWords.to(), lineWords.who(), commonWords.what()]}
        rows={shown.map((bar) => [
          clockText(bar.fromMin),
          clockText(bar.toMin),
          names.get(bar.row) ?? '',
          LOOKS[bar.task].name,
        ])}
      />
      {bars.length > shown.length && (
        <p>{lineWords.andMore({ bars: bars.length - shown.length })}</p>
      )}
    </details>
  );
}

interface TimelineProps {
  course: LineCourse;
  content: ExtractionContent;
  nowMin: number | null;
}

/** The day as a drawing: who and what is busy with what, hour by hour. */
export function Timeline({ course, content, nowMin }: TimelineProps): ReactElement | null {
  const { pailsAtMin } = course;
  const bars = worthDrawing(course.bars);
  if (bars.length === 0) return null;
  const rows = rowsOf(bars, content);
  const fromMin = Math.min(...bars.map((bar) => bar.fromMin));
  const toMin = Math.max(...bars.map((bar) => bar.toMin));
  const perMin = (WIDTH - NAMES - 10) / Math.max(1, toMin - fromMin);
  const x = (minutes: number): number => NAMES + (minutes - fromMin) * perMin;
  const pauses = content.breaks.filter(
    (item) => item.fromMin >= fromMin && item.fromMin + item.minutes <= toMin,
  );
  const drawn = joinedBars(bars, 2 / perMin);
  const height = (rows.length + 1) * ROW + 26;
  const y = new Map(rows.map((row, at) => [row.id, 24 + at * ROW]));
  const pailsY = 24 + rows.length * ROW + BAR / 2;
  const used = legendOf(drawn);
  return (
    <>
      <div
        className="overflow-x-auto"
        role="region"
        aria-label={lineWords.theDayAsADrawing()}
        tabIndex={0}
      >
        <svg
          viewBox={`0 0 ${WIDTH} ${height}`}
          className="w-full min-w-2xl"
          role="img"
          aria-label={lineWords.fromTo({
            fromMin: clockText(fromMin),
            toMin: clockText(toMin),
            rows: rows.map((row) => row.name).join(', '),
          })}
        >
          <RuleHatch id={HATCH} />
          {ticksOf(fromMin, toMin).map((tick) => (
            <g key={tick}>
              <line x1={x(tick)} x2={x(tick)} y1={18} y2={height} className="stroke-thread" />
              <text x={x(tick)} y={12} textAnchor="middle" className="fill-ink text-[14px]">
                {clockText(tick % 1440)}
              </text>
            </g>
          ))}
          {pauses.map(({ fromMin: from, minutes }) => (
            <g key={from}>
              <rect
                x={x(from)}
                y={18}
                width={minutes * perMin}
                height={height - 18}
                className="fill-thread opacity-50"
              />
              <text
                x={x(from + minutes / 2)}
                y={height - 4}
                textAnchor="middle"
                className="fill-ink text-[13px]"
              >
                {lineWords.break()}
              </text>
            </g>
          ))}
          {rows.map((row) => (
            <text
              key={row.id}
              x={0}
              y={(y.get(row.id) ?? 0) + BAR / 2 + 5}
              className="fill-ink text-[15px] font-semibold"
            >
              {row.name}
            </text>
          ))}
          {drawn.map((bar, at) => {
            const look = LOOKS[bar.task];
            return (
              <rect
                key={at}
                x={x(bar.fromMin)}
                y={y.get(bar.row) ?? 0}
                width={Math.max(1, (bar.toMin - bar.fromMin) * perMin)}
                height={BAR}
                className={look.className}
                strokeWidth={0.75}
                {...(look.hatched && { fill: `url(#${HATCH})` })}
              />
            );
          })}
          <text x={0} y={pailsY + 5} className="fill-ink text-[15px] font-semibold">
            {lineWords.pailsFull()}
          </text>
          {pailsAtMin.map((at, number) => (
            <circle key={number} cx={x(at)} cy={pailsY} r={5} className="fill-ink" />
          ))}
          {nowMin !== null && nowMin >= fromMin && nowMin <= toMin && (
            <line
              x1={x(nowMin)}
              x2={x(nowMin)}
              y1={16}
              y2={height}
              className="stroke-ink"
              strokeWidth={3}
              strokeDasharray="6 4"
            />
          )}
        </svg>
      </div>
      <ul
        className="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-base"
        aria-label={lineWords.whatIsDrawnHow()}
      >
        {used.map((look) => (
          <li key={look.name} className="flex items-center gap-2">
            <svg aria-hidden viewBox="0 0 24 16" className="h-4 w-6">
              <rect
                x="1"
                y="1"
                width="22"
                height="14"
                className={look.className}
                {...(look.hatched && { fill: `url(#${HATCH})` })}
              />
            </svg>
            {look.name}
          </li>
        ))}
      </ul>
      <AsTable rows={rows} bars={drawn} />
    </>
  );
}
