import { v7 as uuid } from 'uuid';

const STORAGE_KEY = 'ripenum-tab';
const LOCK_PREFIX = 'ripenum-tab-';

let claimed: Promise<string> | null = null;

/** Holds the lock of a tab for as long as the page lives; false where another tab holds it. */
function holdLock(id: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(LOCK_PREFIX + id, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<never>(() => undefined);
    });
  });
}

/** Locks exist only where the page was served securely (localhost counts). */
function hasLocks(): boolean {
  return typeof navigator !== 'undefined' && 'locks' in navigator;
}

async function claim(): Promise<string> {
  const known = sessionStorage.getItem(STORAGE_KEY);
  if (known && (!hasLocks() || (await holdLock(known)))) return known;
  const fresh = uuid();
  sessionStorage.setItem(STORAGE_KEY, fresh);
  if (hasLocks()) await holdLock(fresh);
  return fresh;
}

/** Identifier of this tab: kept over a reload, new in a duplicated tab. */
export function tabId(): Promise<string> {
  claimed ??= claim();
  return claimed;
}

/** Identifiers of all tabs that are open now. */
export async function liveTabIds(): Promise<Set<string>> {
  if (!hasLocks()) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(
    held
      .map((lock) => lock.name ?? '')
      .filter((name) => name.startsWith(LOCK_PREFIX))
      .map((name) => name.slice(LOCK_PREFIX.length)),
  );
}
