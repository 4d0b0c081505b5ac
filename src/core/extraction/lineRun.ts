import type { StrainerCycle } from '../flow/strainer';
import { spunKgPerFrame, type Line } from './line';
import type { LineState } from './lineState';

/** What somebody or something does on the line. */
export const LINE_TASKS = [
  'uncap',
  'load',
  'spin',
  'turn',
  'unload',
  'scrape',
  'change-pail',
  'carry-in',
  'wet-out',
] as const;
export type LineTask = (typeof LINE_TASKS)[number];

/** Where on the line a task is, for what varies together. */
export type LineStage = 'hands' | 'spinning' | 'straining';

/** Draws a factor for the length of a task of a stage [1]; 1 where nothing varies. */
export type Vary = (stage: LineStage) => number;

/** Somebody, or a machine, busy from when to when. */
export interface LineBar {
  /** a person by number, an extractor, or a strainer */
  readonly row: `person-${number}` | `extractor-${number}` | `strainer-${number}`;
  readonly task: LineTask | 'strain';
  readonly fromMin: number;
  readonly toMin: number;
}

/** What is done with an extractor; frames hang in it unless it is empty. */
export interface ExtractorNow {
  phase: 'empty' | 'handled' | 'to-spin' | 'spinning' | 'to-turn' | 'to-unload';
  frames: number;
  sidesSpun: number;
  sinceMin: number;
}

/** What goes on at a strainer. */
export interface StrainerNow {
  phase: 'open' | 'flowing' | 'to-scrape' | 'to-change' | 'handled';
  passedKg: number;
  pailKg: number;
}

interface Activity {
  readonly endMin: number;
  readonly finish: () => void;
}

/** A load that came out of the extractor. */
export interface LoadDone {
  readonly frames: number;
  readonly fromMin: number;
  readonly outMin: number;
}

/** Below this nothing is left [kg]. */
export const NOTHING_KG = 1e-9;

/** A line while it runs. Mutable, and private to the simulation. */
export class LineRun {
  nowMin: number;
  readonly activities: Activity[] = [];
  readonly idle: boolean[];
  readonly extractors: ExtractorNow[];
  readonly strainers: StrainerNow[];
  framesOutside: number;
  framesInside: number;
  opened: number;
  uncapping = 0;
  carrying = 0;
  sumpKg: number;
  comingKg = 0;
  wallsLeftKg: number;
  strainedKg: number;
  scrapedKg = 0;
  wetBoxesIn: number;
  readonly loads: LoadDone[] = [];
  readonly pailsAtMin: number[] = [];
  readonly scrapesAtMin: number[] = [];
  readonly bars: LineBar[] = [];
  private readonly lastBars = new Map<string, number>();
  mostSumpKg: number;
  mostOpened: number;
  lastSpunMin: number;
  strainedMin: number;
  wetOutMin: number | null = null;
  readonly cycle: StrainerCycle;
  /** when breaks end, somebody comes, doors open and bees are home, in order */
  readonly wakes: readonly number[];
  readonly spunKg: number;

  constructor(
    readonly line: Line,
    state: LineState,
    readonly vary: Vary,
    readonly records: boolean,
  ) {
    this.nowMin = state.nowMin;
    this.idle = line.speeds.map(() => true);
    this.framesOutside = state.framesOutside;
    this.framesInside = state.framesInside;
    this.opened = state.opened;
    this.sumpKg = state.sumpKg;
    this.wallsLeftKg = state.wallsLeftKg;
    this.strainedKg = 0;
    this.mostSumpKg = state.sumpKg;
    this.mostOpened = state.opened;
    this.lastSpunMin = state.nowMin;
    this.strainedMin = state.nowMin;
    this.wetBoxesIn = Math.ceil(line.frames / line.framesPerBox);
    this.cycle = line.strainer.cycle;
    this.spunKg = spunKgPerFrame(line);
    const { shutToMin, wetOutFromMin } = line.bees;
    const ends = line.breaks.map((lineBreak) => lineBreak.toMin);
    const arrivals = (line.hours ?? []).flatMap((there) => there?.fromMin ?? []);
    this.wakes = [...ends, ...arrivals, shutToMin, wetOutFromMin ?? 0].sort((a, b) => a - b);
    this.extractors = Array.from({ length: line.extractor.count }, () => ({
      phase: 'empty' as const,
      frames: 0,
      sidesSpun: 0,
      sinceMin: state.nowMin,
    }));
    this.strainers = Array.from({ length: line.strainer.count }, (_, at) => ({
      phase: 'open' as const,
      passedKg: Math.min(this.cycle.kg, state.passedKg),
      pailKg: at === 0 ? state.pailKg : 0,
    }));
  }

  /** Something that ends by itself. */
  begin(minutes: number, finish: () => void): void {
    this.activities.push({ endMin: this.nowMin + minutes, finish });
  }

  /** A person does something; idle again at its end. */
  occupy(person: number, task: LineTask, minutes: number, finish: () => void): void {
    const taken = (minutes / this.line.speeds[person]!) * this.vary('hands');
    this.idle[person] = false;
    this.bar(`person-${person}`, task, taken);
    this.begin(taken, () => {
      this.idle[person] = true;
      finish();
    });
  }

  bar(row: LineBar['row'], task: LineBar['task'], minutes: number): void {
    if (!this.records) return;
    const [fromMin, toMin] = [this.nowMin, this.nowMin + minutes];
    const at = this.lastBars.get(row) ?? -1;
    const before = this.bars[at];
    if (before && before.task === task && fromMin - before.toMin < 0.02) {
      this.bars[at] = { ...before, toMin };
      return;
    }
    this.lastBars.set(row, this.bars.length);
    this.bars.push({ row, task, fromMin, toMin });
  }

  isBreak(): boolean {
    return this.line.breaks.some(
      (lineBreak) => this.nowMin >= lineBreak.fromMin && this.nowMin < lineBreak.toMin,
    );
  }

  /** Whether a person may begin something: has free hands, has come and has not left yet. */
  isFree(person: number): boolean {
    if (!this.idle[person]) return false;
    const there = this.line.hours?.[person];
    if (!there) return true;
    return this.nowMin >= there.fromMin && (there.toMin === null || this.nowMin < there.toMin);
  }

  areDoorsShut(): boolean {
    const { shutFromMin, shutToMin } = this.line.bees;
    return this.nowMin >= shutFromMin && this.nowMin < shutToMin;
  }

  /** Whether all combs are spun and nothing hangs in an extractor. */
  isSpun(): boolean {
    const waiting = this.framesOutside + this.framesInside + this.opened;
    const moving = this.uncapping + this.carrying;
    return (
      waiting + moving === 0 && this.extractors.every((extractor) => extractor.phase === 'empty')
    );
  }

  /** Honey that runs out of an extractor; the first of it stays on walls. */
  receive(kg: number): void {
    const walls = Math.min(kg, this.wallsLeftKg);
    this.wallsLeftKg -= walls;
    this.sumpKg += kg - walls;
    this.comingKg -= kg;
    this.mostSumpKg = Math.max(this.mostSumpKg, this.sumpKg);
  }
}
