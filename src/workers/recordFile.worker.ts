import { expose } from 'comlink';
import { v7 as uuid } from 'uuid';
import { databaseOf } from '../db/database';
import { createDexieRecordStore } from '../db/dexieRecordStore';
import { exportFile } from '../db/files/exportFile';
import { bringIn, planImport, type ImportPlan } from '../db/files/importFile';
import { NotTextError } from '../db/files/notText';
import type { FileProgress } from '../db/files/progress';
import { textOf } from '../db/files/textOf';
import {
  FileVerification,
  failed,
  ok,
  type AppError,
  type MergeEffect,
  technical,
} from '../records';
import type { ImportSummary, RecordFileWorker } from './recordFileProtocol';
import { say } from '../core';

/** Reports of progress are passed on no oftener than so [ms]. */
const TOLD_EVERY_MS = 100;

/** Entities of each kind of effect that are listed by name; more are only counted. */
const MOST_LISTED = 200;

let plan: ImportPlan | null = null;
let verification: FileVerification | null = null;

function atTimes(tell: (progress: FileProgress) => void): (progress: FileProgress) => void {
  let [last, doing] = [0, ''];
  return (progress) => {
    const now = Date.now();
    if (progress.doing === doing && progress.share < 1 && now - last < TOLD_EVERY_MS) return;
    [last, doing] = [now, progress.doing];
    tell(progress);
  };
}

/** What the browser throws here, as a sentence: no memory, no room on the disk, a file taken away. */
function failure(error: unknown): AppError {
  if (error instanceof NotTextError) return error.asFound();
  return {
    code: 'storage-failed',
    message: say('errors.notFinished'),
    details: [technical(error)],
  };
}

function listed(effects: readonly MergeEffect[], what: MergeEffect['what']) {
  const own = effects.filter((effect) => effect.what === what);
  return {
    count: own.length,
    first: own.slice(0, MOST_LISTED).map((mergeEffect) => mergeEffect.before ?? mergeEffect.after),
  };
}

function summaryOf({ fresh, effects, setAside, clashes, ...rest }: ImportPlan): ImportSummary {
  const rows = new Map(fresh.map((record) => [record.id, record]));
  return {
    fresh: fresh.length,
    same: rest.same,
    added: effects.filter((effect) => effect.what === 'added').length,
    returned: effects.filter((effect) => effect.what === 'returned').length,
    replaced: listed(effects, 'replaced'),
    removed: listed(effects, 'removed'),
    setAside: {
      count: setAside.length,
      first: setAside.slice(0, MOST_LISTED).flatMap((aside) => {
        const row = rows.get(aside.id);
        return row ? [{ ...aside, row }] : [];
      }),
    },
    clashes: [...clashes],
    gaps: rest.gaps,
    lost: rest.lost.slice(0, MOST_LISTED),
    lostCount: rest.lost.length,
  };
}

const worker: RecordFileWorker = {
  async write(workspace, order, tell) {
    try {
      const store = createDexieRecordStore(databaseOf(workspace));
      const exportedAt = new Date().toISOString();
      return await exportFile(store, { exportedAt, ...order }, atTimes(tell));
    } catch (error) {
      return failed(failure(error));
    }
  },
  async read(workspace, file, tell) {
    try {
      const store = createDexieRecordStore(databaseOf(workspace));
      const found = await planImport(store, file, atTimes(tell));
      if (!found.ok) return found;
      plan = found.value;
      return ok(summaryOf(plan));
    } catch (error) {
      return failed(failure(error));
    }
  },
  async bringIn(workspace, { takeTheirs, author }) {
    if (!plan) return failed(failure('nothing was read'));
    try {
      const store = createDexieRecordStore(databaseOf(workspace));
      const scribe = { newId: uuid, now: () => new Date().toISOString(), author };
      const done = await bringIn(store, plan, { takeTheirs: new Set(takeTheirs), scribe });
      if (!done.ok) return done;
      const { changed, ...counts } = done.value;
      const steps = changed.map(({ before, after }) => ({
        kind: after.kind,
        entityId: after.entityId,
        revisionId: after.id,
        formerId: before?.id ?? null,
      }));
      return ok({ ...counts, steps });
    } catch (error) {
      return failed(failure(error));
    }
  },
  async verify(file, tell) {
    verification = new FileVerification();
    const onProgress = atTimes(tell);
    try {
      for await (const chunk of textOf(file, (share) => onProgress({ doing: 'reading', share }))) {
        verification.feed(chunk);
        if (verification.isOver) break;
      }
      return verification.end();
    } catch (error) {
      return { status: 'unreadable', error: failure(error) };
    }
  },
  signatures: () => verification?.signatures() ?? Promise.resolve([]),
  checkDigest: (digest) => Promise.resolve(verification?.checkDigest(digest) ?? null),
};

expose(worker);

export default worker;
