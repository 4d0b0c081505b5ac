import type {
  BlendPlan,
  CombScene,
  Corners,
  EyepieceEdge,
  KnownCell,
  PointGrid,
  ReadSide,
  Raster,
  BlendTask,
  Relaxation,
  DryingEpisode,
  ForecastDraw,
  ForecastTask,
  Line,
  LineDraw,
  LineGain,
  LineState,
  LineTask,
  LearnedRoom,
  LoadAnswer,
  LoadCourse,
  LoadQuestion,
  RoomOutlook,
  StageGain,
} from '../core';
import { type Message } from '../core';

/** How an error begins where a worker could not load what it needs: only its text comes through. */
export const NOT_LOADED_MARK = 'not-loaded:';

/** A photograph scaled down and drawn anew, so that no data of the camera is left in it. */
export interface ShrunkPhoto {
  readonly width: number;
  readonly height: number;
  /** JPEG, base64 */
  readonly jpegBase64: string;
}

/** What came of a photograph; plain data, since errors lose their fields on the way. */
export type PhotoResult =
  | { readonly ok: true; readonly photo: ShrunkPhoto }
  | { readonly ok: false; readonly message: Message };

/** What the photo worker does. */
export interface PhotoWorker {
  shrink(file: Blob, longestSide: number): Promise<PhotoResult>;
}

/** A picture to show: small, without anything of the camera. */
export type Preview = ShrunkPhoto;

interface PixelSize {
  readonly width: number;
  readonly height: number;
}

/** A photograph of a side, before its corners are agreed on. */
export interface OpenedPhoto {
  /** of what is worked on [pixels]; the corners are in it */
  readonly size: PixelSize;
  readonly corners: Corners;
  /** whether they were found, or are only a start */
  readonly isFound: boolean;
  readonly preview: Preview;
}

/** A photograph of a side, read. */
export interface ReadPhoto {
  readonly side: ReadSide;
  /** the straightened side */
  readonly preview: Preview;
}

/** A photograph of an eyepiece; no edge where it cannot be read. */
export interface SeenEyepiece {
  readonly size: PixelSize;
  readonly edge: EyepieceEdge | null;
  readonly preview: Preview;
}

/** What measures photographs; it keeps the one that was opened. */
export interface MeasureWorker {
  open(file: Blob): Promise<OpenedPhoto | null>;
  read(
    corners: Corners,
    grid: PointGrid,
    lessons: readonly KnownCell[],
    onRow: (done: number, all: number) => void,
  ): Promise<ReadPhoto | null>;
  eyepiece(file: Blob): Promise<SeenEyepiece | null>;
}

/** What draws made-up combs. */
export interface DrawingWorker {
  comb(scene: CombScene, pixelsPerCell: number): Raster;
}

/** What is asked of the warm room: earlier stretches teach, the present one is forecast. */
export interface RoomQuestion {
  readonly past: readonly DryingEpisode[];
  readonly present: DryingEpisode;
  readonly targets: readonly number[];
  /** now, in days of the present run */
  readonly nowDay: number;
}

/** What is reported before the band: what was learned, and the most likely course. */
export interface RoomFirst {
  readonly learned: LearnedRoom;
  readonly outlook: RoomOutlook;
}

/** Makes many draws of one task, a few at a call. */
interface Drawing<Task, Draw> {
  take(task: Task): void;
  /** draws `from` to `from + count`, not included, of the task last taken */
  draws(from: number, count: number): Draw[];
}

/** What the worker of the warm room does; it answers one call at a time. */
export interface DryingWorker extends Drawing<ForecastTask, ForecastDraw> {
  first(question: RoomQuestion): RoomFirst;
  /** the most likely course of each load */
  loads(question: LoadQuestion, boxes: readonly number[]): LoadCourse[];
  /** where readings lay in what was forecast of them [1] */
  trackRecord(stretch: Pick<RoomQuestion, 'past' | 'present'>): number[];
  /** share of the courses in which all is dry in time */
  inTime(question: LoadQuestion, boxes: number): number;
  mostBoxes(question: LoadQuestion, onTried: (boxes: number, share: number) => void): LoadAnswer;
}

/** What is asked of a day at the line: the line from now on, and the same with warmer honey. */
export interface DayQuestion {
  readonly task: LineTask;
  /** null where wax would soften, or honey is not strained */
  readonly warmed: Line | null;
  readonly state: LineState;
}

/** What holds a day up, and what one more of each would bring. */
export interface DayHelp {
  readonly heldUp: StageGain | null;
  readonly gains: readonly LineGain[];
}

/** What the worker of the extraction line does. */
export interface LineWorker extends Drawing<LineTask, LineDraw> {
  help(question: DayQuestion): DayHelp;
  /** where the ends of days lay in what was forecast of them [1] */
  trackRecord(days: readonly { readonly task: LineTask; readonly endedMin: number }[]): number[];
}

/** What the worker of blends does. */
export interface BlendWorker {
  best(task: BlendTask): Promise<BlendPlan | null>;
  /** the best plan that opens other containers */
  second(task: BlendTask, best: BlendPlan): Promise<BlendPlan | null>;
  relaxations(task: BlendTask, best: BlendPlan | null, limitPercent: number): Promise<Relaxation[]>;
}
