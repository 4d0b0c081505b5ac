import { useEffect, useState } from 'react';
import { POINTING_PX, valueAtEdge, type EyepieceValue, type PhotoPoint } from '../../core';
import { helperTrouble, NOT_LOADED } from '../../workers/helpers';
import { startMeasuring } from '../../workers/measureClient';
import type { SeenEyepiece } from '../../workers/protocol';
import { readDecimal } from '../format/decimal';
import { photoWords } from '../words/english/photo';
import { tell } from '../words/tell';

/** A division that was pointed at, with what was typed beside it. */
export interface Pointed extends PhotoPoint {
  readonly typed: string;
  /** pixels of the picture to one of the screen, where it was pointed at */
  readonly perScreenPx: number;
}

export type EyepieceFound =
  | { readonly status: 'waiting' | 'wrong'; readonly sentence: string }
  | { readonly status: 'found'; readonly value: EyepieceValue };

function numberOf(text: string): number | null {
  const read = readDecimal(text);
  return text.trim() !== '' && read.ok ? read.value : null;
}

/** What the line shows, or what is still to be done. */
function foundBetween(seen: SeenEyepiece, divisions: readonly Pointed[]): EyepieceFound {
  if (!seen.edge) return { status: 'wrong', sentence: photoWords.lineNotFound() };
  const [a, b] = divisions;
  if (!a) return { status: 'waiting', sentence: photoWords.tapFirst() };
  if (!b) return { status: 'waiting', sentence: photoWords.tapSecond() };
  const [first, second] = [numberOf(a.typed), numberOf(b.typed)];
  if (first === null || second === null)
    return { status: 'waiting', sentence: photoWords.typeBoth() };
  const value = valueAtEdge(seen.edge, [
    { ...a, value: first, standardPx: POINTING_PX * a.perScreenPx },
    { ...b, value: second, standardPx: POINTING_PX * b.perScreenPx },
  ]);
  return value
    ? { status: 'found', value }
    : { status: 'wrong', sentence: photoWords.notBetween() };
}

/** A photograph of an eyepiece on its way to a reading. */
export function useEyepiecePhoto(file: Blob) {
  const [seen, setSeen] = useState<SeenEyepiece | null>(null);
  const [trouble, setTrouble] = useState('');
  const [divisions, setDivisions] = useState<readonly Pointed[]>([]);
  useEffect(() => {
    const measuring = startMeasuring();
    let gone = false;
    measuring
      .eyepiece(file)
      .then((found) => {
        if (gone) return;
        setSeen(found);
        if (!found) setTrouble(photoWords.notAPicture());
      })
      .catch((error: unknown) => {
        if (!gone) setTrouble(tell(helperTrouble(error) ?? NOT_LOADED));
      })
      .finally(() => measuring.stop());
    return () => {
      gone = true;
      measuring.stop();
    };
  }, [file]);
  const change = (at: number, part: Partial<Pointed>): void =>
    setDivisions(divisions.map((one, other) => (other === at ? { ...one, ...part } : one)));
  return {
    seen,
    trouble,
    divisions,
    change,
    /** the third tap moves the nearer of the two */
    point: ({ x, y }: PhotoPoint, perScreenPx: number): void => {
      if (divisions.length < 2) {
        setDivisions([...divisions, { x, y, typed: '', perScreenPx }]);
        return;
      }
      const away = divisions.map((one) => Math.hypot(one.x - x, one.y - y));
      change((away[0] ?? 0) <= (away[1] ?? 0) ? 0 : 1, { x, y, perScreenPx });
    },
    found: seen ? foundBetween(seen, divisions) : null,
  };
}
