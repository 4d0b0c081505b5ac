import { z } from '../records';
import { digestOf } from '../records/exchange/digest';
import { receiveParcel, sendParcel, type Line } from './parcel';
import { MeetingTrouble } from './trouble';

/** What a device lends to a meeting. */
export interface House {
  readonly workspace: string;
  /** identifiers of every revision that is here */
  ids(): Promise<readonly string[]>;
  /** a file of everything that is here but for some revisions; null where nothing is left */
  fileWithout(ids: ReadonlySet<string>): Promise<Blob | null>;
  /** brings a file of the other device in */
  bringIn(file: Blob): Promise<void>;
}

/** How far a meeting is. */
export interface MeetingStep {
  readonly doing: 'waiting' | 'comparing' | 'exchanging' | 'bringing-in' | 'confirming';
  /** of what is known to be sent and received; null: not known */
  readonly share: number | null;
}

/** How two devices parted. */
export interface Parting {
  readonly sent: boolean;
  readonly received: boolean;
  /** whether both hold the same revisions now */
  readonly isSame: boolean;
}

const helloSchema = z.object({ workspace: z.string(), ids: z.array(z.string()) });
const doneSchema = z.object({ digest: z.string() });

const jsonBlob = (value: unknown): Blob => new Blob([JSON.stringify(value)]);

async function read<T>(schema: z.core.$ZodType<T>, blob: Blob): Promise<T> {
  const parsed = z.safeParse(schema, JSON.parse(await blob.text()));
  if (!parsed.success) throw new MeetingTrouble('not-theirs');
  return parsed.data;
}

/** One short text for everything that a device holds, in whatever order it came. */
const digestOfAll = (ids: readonly string[]): string => digestOf([...ids].sort().join(' '));

/** Says how far sending and receiving are, taken together. */
function bothWays(tell: (step: MeetingStep) => void) {
  let [out, back] = [0, 0];
  const say = (): void => tell({ doing: 'exchanging', share: (out + back) / 2 });
  return {
    out: (share: number) => {
      out = share;
      say();
    },
    back: (share: number) => {
      back = share;
      say();
    },
  };
}

/** An empty parcel says that the other device has everything already. */
const NOTHING = new Blob([]);

/**
 * Two devices tell one another what they hold, each sends what the other lacks, and both bring it in.
 * Both sides run this, at the same time.
 *
 * @throws MeetingTrouble; AbortError once given up; whatever the house throws
 */
export async function meet(
  line: Line,
  house: House,
  tell: (step: MeetingStep) => void,
): Promise<Parting> {
  if (line.side === 'host') await line.post.open();
  tell({ doing: 'waiting', share: null });
  const { workspace } = house;
  await sendParcel(line, 'hello', jsonBlob({ workspace, ids: await house.ids() }));
  const theirs = await read(helloSchema, await receiveParcel(line, 'hello'));
  if (theirs.workspace !== workspace) throw new MeetingTrouble('other-workspace');
  tell({ doing: 'comparing', share: null });
  const mine = await house.fileWithout(new Set(theirs.ids));
  const share = bothWays(tell);
  const [, file] = await Promise.all([
    sendParcel(line, 'file', mine ?? NOTHING, share.out),
    receiveParcel(line, 'file', share.back),
  ]);
  tell({ doing: 'bringing-in', share: null });
  if (file.size > 0) await house.bringIn(file);
  tell({ doing: 'confirming', share: null });
  const digest = digestOfAll(await house.ids());
  await sendParcel(line, 'done', jsonBlob({ digest }));
  const done = await read(doneSchema, await receiveParcel(line, 'done'));
  return { sent: mine !== null, received: file.size > 0, isSame: done.digest === digest };
}
