/** What the browser says of the place where the records are. */
export interface StorageState {
  /** whether they stay until somebody deletes them; null where the browser does not say */
  readonly lasting: boolean | null;
  /** taken by everything of Ripenum here [bytes]; null where the browser does not say */
  readonly usedBytes: number | null;
  /** what it may still take [bytes] */
  readonly freeBytes: number | null;
}

/** Left out by old browsers, and by any on a page that came without encryption. */
const manager = (): Partial<StorageManager> =>
  (globalThis.navigator as Partial<Navigator> | undefined)?.storage ?? {};

/** What the browser says now; what it refuses to say is null. */
export async function storageState(): Promise<StorageState> {
  const storage = manager();
  const lasting = (await storage.persisted?.().catch(() => null)) ?? null;
  const { usage, quota } = (await storage.estimate?.().catch(() => null)) ?? {};
  return {
    lasting,
    usedBytes: usage ?? null,
    freeBytes: usage === undefined || quota === undefined ? null : Math.max(0, quota - usage),
  };
}

/** Asks the browser to keep the records until somebody deletes them; whether it agreed. */
export async function askForLasting(): Promise<boolean> {
  return (
    (await manager()
      .persist?.()
      .catch(() => false)) ?? false
  );
}
