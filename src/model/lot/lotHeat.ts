import {
  DAY_MS,
  FRESH_BY_KIND,
  heatBalance,
  heatLimits,
  withoutSlips,
  type AgeingKind,
  type AirSeries,
  type HeatBalance,
  type HeatBand,
  type HeatLimits,
  type HeatStart,
  type WarmSpell,
} from '../../core';
import { batchEndMs, type HeatOccasion, type LotContent } from '../../records';
import type { LotFile } from './lotFile';
import type { BatchFile, RoomFile } from '../room/roomFile';
import { seriesOf } from '../room/roomRun';

/** A stretch of warmth with where it is known from. */
export interface HeatEntry {
  readonly id: string;
  readonly occasion: HeatOccasion;
  readonly from: 'typed' | 'log' | 'plan' | 'room';
  readonly startedMs: number;
  readonly history: readonly WarmSpell[];
  /** the room it stood in, or the remark */
  readonly words: string;
}

/** The air that a batch stood in: what the logger wrote, else what the room was set to. */
function airOfBatch(
  { room, logs }: RoomFile,
  { batch }: BatchFile,
  nowMs: number,
): { from: 'log' | 'room'; history: WarmSpell[] } {
  const fromMs = Date.parse(batch.content.inAt);
  const toMs = Math.min(nowMs, batchEndMs(batch.content, nowMs));
  const days = Math.max(0, (toMs - fromMs) / DAY_MS);
  const inside = withoutSlips(seriesOf(logs, 'inside', fromMs));
  const logged = spellsOf(inside, days);
  if (logged.length === 0) {
    return { from: 'room', history: [{ days, temperatureC: room.content.setPointC }] };
  }
  return { from: 'log', history: logged };
}

/** Entries of a log as spells, within the first so many days; what no entry tells is held. */
function spellsOf({ days, temperatureC }: AirSeries, length: number): WarmSpell[] {
  const inside = days
    .map((day, at) => ({ day, temperatureC: temperatureC[at]! }))
    .filter((item) => item.day >= 0 && item.day < length);
  return inside.map((item, at) => {
    const start = at === 0 ? 0 : item.day;
    return { days: (inside[at + 1]?.day ?? length) - start, temperatureC: item.temperatureC };
  });
}

/** Most spells that a history is given in: no finer than an hour where it is long. */
const MOST_SPELLS = 1000;
const HOUR_DAYS = 1 / 24;

/** Spells of a fine history joined to steps of at least so long, each at its mean. */
function coarser(history: readonly WarmSpell[], stepDays: number): WarmSpell[] {
  const joined: WarmSpell[] = [];
  for (const spell of history) {
    const last = joined[joined.length - 1];
    if (!last || last.days >= stepDays) {
      joined.push(spell);
      continue;
    }
    const days = last.days + spell.days;
    const sum = last.days * last.temperatureC + spell.days * spell.temperatureC;
    joined[joined.length - 1] = { days, temperatureC: sum / days };
  }
  return joined;
}

/** What the logger of a room says of some time, as spells; none where it wrote nothing then. */
export function spellsOfLog({ logs }: RoomFile, fromMs: number, toMs: number): WarmSpell[] {
  const length = (toMs - fromMs) / DAY_MS;
  const fine = spellsOf(withoutSlips(seriesOf(logs, 'inside', fromMs)), length);
  return coarser(fine, Math.max(HOUR_DAYS, length / MOST_SPELLS)).filter(
    (warmSpell) => warmSpell.days > 0,
  );
}

/** Warmth in rooms where combs of the lot dried. The honey is taken to be as warm as the air. */
function dryingEntries(lotId: string, rooms: readonly RoomFile[], nowMs: number): HeatEntry[] {
  return rooms.flatMap((room) =>
    room.batches
      .filter(({ batch }) => batch.content.lotIds.includes(lotId))
      .map((file) => ({
        id: file.batch.entityId,
        occasion: 'drying' as const,
        startedMs: Date.parse(file.batch.content.inAt),
        words: `${room.room.content.name}, ${file.batch.content.name}`,
        ...airOfBatch(room, file, nowMs),
      })),
  );
}

/** All warmth that a lot went through, oldest first: typed, logged, planned, and from warm rooms. */
export function heatEntries(file: LotFile, rooms: readonly RoomFile[], nowMs: number): HeatEntry[] {
  const typed = file.heatSpells.map(({ entityId, content }) => ({
    id: entityId,
    occasion: content.occasion,
    from: content.source,
    startedMs: Date.parse(content.startedAt),
    history: content.spells,
    words: content.remark,
  }));
  return [...typed, ...dryingEntries(file.lot.entityId, rooms, nowMs)].sort(
    (a, b) => a.startedMs - b.startedMs,
  );
}

const measured = (value: number, expanded: number): HeatBand => ({
  low: Math.max(0, value - expanded),
  likely: value,
  high: value + expanded,
});

/** Where a laboratory states no uncertainty, it is taken as this share of the value [1]. @source our choice, no source */
const LAB_DOUBT = 0.15;

/** Where a heat budget starts: fresh honey, or the last laboratory report. */
export interface HeatOrigin {
  readonly start: HeatStart;
  /** of the report; null for fresh honey as assumed */
  readonly reportedMs: number | null;
  readonly laboratory: string;
}

/** How the honey of a lot ages, by what is claimed and said of it. */
function ageingKindOf({ honeyKind, category, claims }: LotContent): AgeingKind {
  if (claims.includes('low-enzyme')) return 'low-enzyme';
  if (honeyKind === 'heather') return 'heather';
  return category === 'honeydew' ? 'honeydew' : 'blossom';
}

/** What the last laboratory report says of HMF and diastase; fresh honey where none does. */
export function heatOrigin({ lot, labReports }: LotFile): HeatOrigin {
  const fresh = FRESH_BY_KIND[ageingKindOf(lot.content)];
  const reports = labReports.filter(
    ({ content }) => content.values.hmfMgPerKg ?? content.values.diastaseSchade,
  );
  const last = [...reports].sort((a, b) => a.content.day.localeCompare(b.content.day)).at(-1);
  if (!last) return { start: fresh, reportedMs: null, laboratory: '' };
  const { hmfMgPerKg, diastaseSchade } = last.content.values;
  const band = (item: { value: number; expanded: number | null } | undefined): HeatBand | null =>
    item ? measured(item.value, item.expanded ?? LAB_DOUBT * item.value) : null;
  return {
    start: {
      ...fresh,
      hmf: band(hmfMgPerKg) ?? fresh.hmf,
      diastase: band(diastaseSchade) ?? fresh.diastase,
    },
    reportedMs: Date.parse(last.content.day),
    laboratory: last.content.laboratory,
  };
}

/** What of a history lies after so many days. */
function after(history: readonly WarmSpell[], goneDays: number): WarmSpell[] {
  let gone = goneDays;
  return history.flatMap((spell) => {
    const skipped = Math.min(Math.max(0, gone), spell.days);
    gone -= spell.days;
    return skipped < spell.days ? [{ ...spell, days: spell.days - skipped }] : [];
  });
}

/** A lot's budget of warmth, with what it rests on. */
export interface LotHeat {
  readonly origin: HeatOrigin;
  readonly entries: readonly HeatEntry[];
  /** warmth that counts: what lies before the report is in its values already */
  readonly counted: readonly WarmSpell[];
  readonly balance: HeatBalance;
  /** by what is claimed of the lot */
  readonly limits: HeatLimits;
}

/** What warmth has cost a lot. */
export function lotHeat(file: LotFile, rooms: readonly RoomFile[], nowMs: number): LotHeat {
  const origin = heatOrigin(file);
  const entries = heatEntries(file, rooms, nowMs);
  const { reportedMs, start } = origin;
  const counted = entries.flatMap(({ history, startedMs }) =>
    reportedMs === null ? history : after(history, (reportedMs - startedMs) / DAY_MS),
  );
  const limits = heatLimits(file.lot.content.claims);
  return { origin, entries, counted, balance: heatBalance(counted, start, limits), limits };
}
