import { Download, Upload } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { recordFileOf, recordFileText, type AppError, type MergePlan } from '../../../records';
import {
  allRecords,
  applyImport,
  noticeShown,
  readImport,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import { isoDay } from '../../format/dates';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/FileButton';
import { ClashSheet } from './ClashSheet';
import { TablesPart } from './TablesPart';
import { saveFile } from '../../ui/saveFile';

function ImportError({ error }: { error: AppError }): ReactElement {
  return (
    <div role="alert" className="mt-3 border-l-4 border-ink bg-paper px-4 py-3">
      <p className="text-lg font-semibold">{error.message}</p>
      {error.details && (
        <ul className="mt-1 list-disc pl-5 text-base">
          {error.details.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** A file that waits for its clashes to be decided. */
interface Asked {
  readonly name: string;
  readonly plan: MergePlan;
}

/** The whole record out as one JSON file, and back in. */
export function ExchangeSection(): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const [error, setError] = useState<AppError | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);

  const exportAll = async (): Promise<void> => {
    const records = await dispatch(allRecords());
    const file = recordFileOf(records, new Date().toISOString());
    saveFile(`ripenum-${workspace}-${isoDay(new Date())}.json`, recordFileText(file));
    dispatch(noticeShown({ text: `Exported ${records.length} revisions.`, tone: 'told' }));
  };
  const merge = async (asked: Asked, takeTheirs: ReadonlySet<string>): Promise<void> => {
    const result = await dispatch(applyImport(asked.plan, takeTheirs));
    setError(result.ok ? null : result.error);
    if (!result.ok) return;
    setAsked(null);
    const { written, alreadyThere } = result.value;
    const text = `Imported ${written} revisions from ${asked.name}; ${alreadyThere} were here already.`;
    dispatch(noticeShown({ text, tone: 'told' }));
  };
  const importFile = async (file: File): Promise<void> => {
    const plan = await dispatch(readImport(await file.text()));
    setAsked(null);
    setError(plan.ok ? null : plan.error);
    if (!plan.ok) return;
    const asking = { name: file.name, plan: plan.value };
    if (plan.value.clashes.length > 0) setAsked(asking);
    else await merge(asking, new Set());
  };

  return (
    <section aria-labelledby="exchange" className="border-t-2 border-ink pt-3">
      <h2 id="exchange" className="text-2xl font-bold">
        Files
      </h2>
      <p className="mt-1 max-w-2xl text-lg">
        One JSON file holds everything: lots, hives and looks at frames with their whole history.
        Keep one away from this device. Its format is described by the{' '}
        <a
          href="/schema/ripenum-record-5.schema.json"
          className="font-semibold text-lavender underline"
        >
          JSON Schema
        </a>
        .
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="ink" onClick={() => void exportAll()}>
          <Download aria-hidden className="size-5" /> Export all records
        </Button>
        <FileButton
          label="File to import"
          accept="application/json,.json"
          onFile={(file) => void importFile(file)}
        >
          <Upload aria-hidden className="size-5" /> Import a file
        </FileButton>
      </div>
      {error && <ImportError error={error} />}
      {asked && (
        <ClashSheet
          plan={asked.plan}
          name={asked.name}
          onDecide={(takeTheirs) => void merge(asked, takeTheirs)}
          onCancel={() => setAsked(null)}
        />
      )}
      <TablesPart />
    </section>
  );
}
