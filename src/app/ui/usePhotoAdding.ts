import { useState } from 'react';
import { NOT_LOADED, helperTrouble } from '../../workers/helpers';
import { shrinkPhoto } from '../../workers/photoClient';
import type { ShrunkPhoto } from '../../workers/protocol';
import { sharedWords } from '../words/english/shared';
import { tell } from '../words/tell';

/** A photograph on its way: made small, then kept; or why not. */
export interface PhotoAdding {
  readonly busy: boolean;
  /** for the person who chose it; empty where there is nothing to say */
  readonly words: string;
  readonly add: (file: File) => Promise<void>;
}

/** Makes a chosen photograph small, without the camera’s data, before it is kept. */
export function usePhotoAdding(keep: (photo: ShrunkPhoto) => Promise<unknown>): PhotoAdding {
  const [state, setState] = useState({ busy: false, wrong: '' });
  const add = async (file: File): Promise<void> => {
    setState({ busy: true, wrong: '' });
    const result = await shrinkPhoto(file).catch((error: unknown) => ({
      ok: false as const,
      message: helperTrouble(error) ?? NOT_LOADED,
    }));
    setState({ busy: false, wrong: result.ok ? '' : tell(result.message) });
    if (result.ok) await keep(result.photo);
  };
  return {
    busy: state.busy,
    words: state.busy ? sharedWords.shrinkingThePhotograph() : state.wrong,
    add,
  };
}
