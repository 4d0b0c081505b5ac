import { Download, Upload } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import type { AppError } from '../../../records';
import {
  broughtIn,
  noticeShown,
  selectPreferences,
  selectWorkspace,
  useAppDispatch,
  useAppSelector,
} from '../../../store';
import type { ImportSummary } from '../../../workers/recordFileProtocol';
import { isoDay } from '../../format/dates';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/fields/FileButton';
import { FileWork, useFileWork } from '../../ui/page/FileWork';
import { saveFile } from '../../ui/saveFile';
import { ImportSheet } from './ImportSheet';
import { TablesPart } from './TablesPart';
import { kitWords } from '../../words/english/kit';
import { tell } from '../../words/tell';

function ExchangeError({ error }: { error: AppError }): ReactElement {
  return (
    <div role="alert" className="mt-3 border-l-4 border-ink bg-paper px-4 py-3">
      <p className="text-lg font-semibold">{tell(error.message)}</p>
      {error.details && (
        <ul className="mt-1 list-disc pl-5 text-base">
          {error.details.map((detail, at) => (
            <li key={at}>{tell(detail)}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** A file that waits for a decision. */
interface Asked {
  readonly name: string;
  readonly summary: ImportSummary;
}

/** Whether a file only adds: then there is nothing to decide. */
const onlyAdds = (importSummary: ImportSummary): boolean =>
  importSummary.replaced.count + importSummary.removed.count + importSummary.returned === 0 &&
  importSummary.clashes.length +
    importSummary.setAside.count +
    importSummary.gaps +
    importSummary.lostCount ===
    0;

/** The whole record out as one JSON file, and back in. */
export function ExchangeSection(): ReactElement {
  const dispatch = useAppDispatch();
  const workspace = useAppSelector(selectWorkspace);
  const { initials } = useAppSelector(selectPreferences);
  const [error, setError] = useState<AppError | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const work = useFileWork();
  const notify = (text: string): void => void dispatch(noticeShown({ text, tone: 'info' }));

  const exportAll = async (): Promise<void> => {
    setError(null);
    const written = await work.run((remote, onProgress) => remote.write(workspace, onProgress));
    work.close();
    if (!written) return;
    if (!written.ok) return setError(written.error);
    const { blob, records, setAside } = written.value;
    saveFile(`ripenum-${workspace}-${isoDay(new Date())}.json`, blob);
    const waiting = setAside > 0 ? kitWords.recordsInItToCorrect({ setAside }) : '';
    notify(kitWords.savedRecordsToAFile({ records, waiting }));
  };

  const bringIn = async (name: string, takeTheirs: ReadonlySet<string>): Promise<void> => {
    const choice = { takeTheirs: [...takeTheirs], author: initials };
    const done = await work.run((remote) => remote.bringIn(workspace, choice));
    work.close();
    setAsked(null);
    if (!done) return;
    if (!done.ok) return setError(done.error);
    const { written, alreadyThere, steps } = done.value;
    const text = kitWords.broughtInRecordsFromWere({ written, name, alreadyThere });
    if (steps.length > 0) await dispatch(broughtIn(text, steps));
    else notify(text);
  };

  const importFile = async (file: File): Promise<void> => {
    setError(null);
    setAsked(null);
    const read = await work.run((remote, onProgress) => remote.read(workspace, file, onProgress));
    if (!read) return;
    if (!read.ok) {
      work.close();
      return setError(read.error);
    }
    if (onlyAdds(read.value)) await bringIn(file.name, new Set());
    else setAsked({ name: file.name, summary: read.value });
  };
  const giveUp = (): void => {
    work.close();
    setAsked(null);
  };

  return (
    <section aria-labelledby="exchange" className="border-t-2 border-ink pt-3">
      <h2 id="exchange" className="text-2xl font-bold">
        {kitWords.files()}
      </h2>
      <p className="mt-1 max-w-2xl text-lg">
        {kitWords.oneJsonFileHoldsEverything()}{' '}
        <a
          href="/schema/ripenum-record-5.schema.json"
          className="font-semibold text-lavender underline"
        >
          {kitWords.jsonSchema()}
        </a>
        .
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="ink" disabled={work.busy} onClick={() => void exportAll()}>
          <Download aria-hidden className="size-5" /> {kitWords.saveAllRecordsToA()}
        </Button>
        <FileButton
          label={kitWords.fileToBringIn()}
          accept="application/json,.json"
          disabled={work.busy}
          onFile={(file) => void importFile(file)}
        >
          <Upload aria-hidden className="size-5" /> {kitWords.bringInAFile()}
        </FileButton>
      </div>
      <FileWork work={work} />
      {error && <ExchangeError error={error} />}
      {asked && (
        <ImportSheet
          summary={asked.summary}
          name={asked.name}
          busy={work.busy}
          onDecide={(takeTheirs) => void bringIn(asked.name, takeTheirs)}
          onCancel={giveUp}
        />
      )}
      <TablesPart />
    </section>
  );
}
