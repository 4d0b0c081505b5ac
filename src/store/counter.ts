import { v7 as uuid } from 'uuid';

const STORAGE_KEY = 'ripenum-counter';

let counted: string | null = null;

/** Identifier of this device for what is counted on it: kept as long as the browser keeps anything. */
export function counterId(): string {
  if (counted !== null) return counted;
  counted = kept() ?? uuid();
  try {
    localStorage.setItem(STORAGE_KEY, counted);
  } catch {
    // a browser that keeps nothing counts anew at the next visit; what was counted stays
  }
  return counted;
}

function kept(): string | null {
  try {
    return localStorage.getItem(STORAGE_KEY);
  } catch {
    return null;
  }
}
