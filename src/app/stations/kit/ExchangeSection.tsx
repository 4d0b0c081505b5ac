import { useExchange } from './useExchange';
import { Download, FileArchive, Smartphone, Upload } from 'lucide-react';
import { type ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { FileButton } from '../../ui/fields/FileButton';
import { PageLink } from '../../ui/page/PageLink';
import { FileWork } from '../../ui/page/FileWork';
import { ExchangeError } from './ExchangeError';
import { FolderPart } from './FolderPart';
import { ImportSheet } from './ImportSheet';
import { StoragePart } from './StoragePart';
import { TablesPart } from './TablesPart';
import { kitWords } from '../../words/english/kit';

/** The whole record out as one JSON file, and back in. */
export function ExchangeSection(): ReactElement {
  const { work, error, asked, exportAll, importFile } = useExchange();
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
        <Button tone="ink" disabled={work.busy} onClick={() => void exportAll('json')}>
          <Download aria-hidden className="size-5" /> {kitWords.saveAllRecordsToA()}
        </Button>
        <Button disabled={work.busy} onClick={() => void exportAll('zip')}>
          <FileArchive aria-hidden className="size-5" /> {kitWords.withPhotographsApart()}
        </Button>
        <FileButton
          label={kitWords.fileToBringIn()}
          accept="application/json,.json,application/zip,.zip,text/plain,.txt"
          disabled={work.busy}
          onFile={(file) => void importFile(file)}
        >
          <Upload aria-hidden className="size-5" /> {kitWords.bringInAFile()}
        </FileButton>
        <PageLink to="kit/meet">
          <Smartphone aria-hidden className="size-5" /> {kitWords.meetAnotherDevice()}
        </PageLink>
      </div>
      <FileWork work={work} />
      {error && <ExchangeError error={error} />}
      {asked && <ImportSheet asked={asked} busy={work.busy} />}
      <FolderPart />
      <StoragePart />
      <TablesPart />
    </section>
  );
}
