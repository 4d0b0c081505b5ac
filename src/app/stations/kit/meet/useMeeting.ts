import { useEffect, useRef, useState } from 'react';
import { createDexieRecordStore, databaseOf, type Workspace } from '../../../../db';
import {
  MeetingTrouble,
  codeText,
  httpPost,
  keysOf,
  meet,
  newSecret,
  type House,
  type MeetingStep,
  type MeetingTroubleCode,
  type Parting,
  type Side,
} from '../../../../meeting';
import type { AppError } from '../../../../records';
import { selectWorkspace, useAppSelector } from '../../../../store';
import type { FileWorkState } from '../../../ui/page/FileWork';
import { meetWords } from '../../../words/english/meet';
import { houseAddress } from './houseAddress';

/** How far the meeting of this device with another is. */
export type MeetingState =
  | { readonly at: 'apart' }
  | {
      readonly at: 'meeting';
      readonly step: MeetingStep;
      /** the code, while it is shown here */
      readonly code: string | null;
      /** what another device's camera opens */
      readonly address: string;
    }
  | { readonly at: 'parted'; readonly parting: Parting }
  | { readonly at: 'trouble'; readonly code: MeetingTroubleCode | AppError };

const APART: MeetingState = { at: 'apart' };

/** A file that could not be written or brought in. */
class FileTrouble extends Error {
  constructor(readonly error: AppError) {
    super(error.code);
  }
}

/** What stood in the way; null where it was given up. */
function troubleOf(error: unknown, signal: AbortSignal): MeetingTroubleCode | AppError | null {
  if (signal.aborted) return null;
  if (error instanceof FileTrouble) return error.error;
  if (error instanceof MeetingTrouble) return error.code;
  // the other page is of a version that speaks otherwise
  return 'not-theirs';
}

type BringIn = (name: string, file: Blob) => Promise<AppError | null>;

/** This device's records, as a meeting needs them. */
function houseOf(workspace: Workspace, work: FileWorkState, bringIn: BringIn): House {
  return {
    workspace,
    ids: async () =>
      (await createDexieRecordStore(databaseOf(workspace)).journal()).map(({ id }) => id),
    fileWithout: async (without) => {
      const order = { form: 'json', part: { without } } as const;
      const written = await work.run((remote, tell) => remote.write(workspace, order, tell));
      if (!written) throw new DOMException('given up', 'AbortError');
      if (!written.ok) throw new FileTrouble(written.error);
      return written.value.records > 0 ? written.value.blob : null;
    },
    bringIn: async (file) => {
      const error = await bringIn(meetWords.theOtherDevice(), file);
      if (error) throw new FileTrouble(error);
    },
  };
}

/** Meets another device through the letter box of our own server. */
export function useMeeting(work: FileWorkState, bringIn: BringIn) {
  const workspace = useAppSelector(selectWorkspace);
  const [state, setState] = useState<MeetingState>(APART);
  const giver = useRef<AbortController | null>(null);
  useEffect(() => () => giver.current?.abort(), []);

  const meetAs = async (side: Side, secret: Uint8Array<ArrayBuffer>): Promise<void> => {
    const mine = new AbortController();
    giver.current?.abort();
    giver.current = mine;
    const { signal } = mine;
    const code = side === 'host' ? codeText(secret) : null;
    const show = (next: MeetingState): void => {
      if (!signal.aborted) setState(next);
    };
    try {
      if (!globalThis.crypto.subtle) throw new MeetingTrouble('not-secure');
      const address = `${await houseAddress()}/${workspace}/kit/meet#${code ?? ''}`;
      const { box, key } = await keysOf(secret);
      const line = { post: httpPost({ box, signal }), key, side };
      const house = houseOf(workspace, work, bringIn);
      const parting = await meet(line, house, (step) =>
        show({ at: 'meeting', step, code: step.doing === 'waiting' ? code : null, address }),
      );
      show({ at: 'parted', parting });
    } catch (error) {
      const trouble = troubleOf(error, signal);
      if (trouble !== null) show({ at: 'trouble', code: trouble });
    }
  };
  const leave = (): void => {
    giver.current?.abort();
    work.close();
    setState(APART);
  };
  return {
    state,
    showCode: () => void meetAs('host', newSecret()),
    meetOther: (secret: Uint8Array<ArrayBuffer>) => void meetAs('guest', secret),
    leave,
  };
}
