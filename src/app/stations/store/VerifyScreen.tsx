import { CircleCheckBig, TriangleAlert } from 'lucide-react';
import { useId, useState, type ReactElement } from 'react';
import { checkLotDigest, lotFilesOf, verifyFile, type FileVerdict } from '../../../records';
import { counted } from '../../format/counted';
import { formatMoment } from '../../format/dates';
import { FileButton } from '../../ui/FileButton';
import { INPUT } from '../../ui/classes';

/** What is said of a file, largest first. */
function words(verdict: FileVerdict): { title: string; more: string; good: boolean } {
  switch (verdict.status) {
    case 'whole':
      return {
        title: 'The file is whole',
        more: `${counted(verdict.file.records.length, 'record')}, exported ${formatMoment(verdict.file.exportedAt)}; nothing was changed since, to the byte.`,
        good: true,
      };
    case 'changed':
      return { title: 'The file was changed', more: verdict.why, good: false };
    case 'no-seal':
      return {
        title: 'The file has no seal',
        more: 'It was written by hand or by an earlier version: it can be read, but nothing says whether it is whole.',
        good: false,
      };
    case 'unreadable':
      return { title: 'The file cannot be read', more: verdict.error.message, good: false };
  }
}

/** The digest on a printed dossier, held against a lot of the file. */
function DigestCheck({
  verdict,
}: {
  verdict: Extract<FileVerdict, { status: 'whole' | 'no-seal' }>;
}): ReactElement {
  const id = useId();
  const [digest, setDigest] = useState('');
  const { records } = verdict.file;
  const typed = digest.replaceAll(/\s/g, '');
  const found =
    typed.length < 16
      ? null
      : lotFilesOf(records).flatMap((file) => {
          const check = checkLotDigest(records, file.lot.entityId, typed);
          return check.status === 'whole' ? [{ file, check }] : [];
        });
  const [hit] = found ?? [];
  return (
    <section aria-labelledby="digest" className="mt-8 max-w-3xl border-t-2 border-ink pt-3">
      <h2 id="digest" className="text-2xl font-bold">
        A dossier on paper
      </h2>
      <label htmlFor={id} className="mt-2 block text-base font-semibold">
        Digest on the dossier, at least its first 16 digits
      </label>
      <input
        id={id}
        className={INPUT}
        value={digest}
        autoComplete="off"
        onChange={(event) => setDigest(event.target.value)}
      />
      {found && (
        <p role="status" className="mt-3 text-xl font-bold">
          {hit
            ? `Lot ${hit.file.lot.content.code}: all ${hit.check.records} records behind that dossier are here unchanged${hit.check.later > 0 ? `; ${hit.check.later} came later` : ''}.`
            : 'No lot of this file gives that digest: its records were changed, or it is another lot.'}
        </p>
      )}
    </section>
  );
}

/** Says whether an exported file is whole, and whether a printed dossier agrees with it. */
export function VerifyScreen(): ReactElement {
  const [verdict, setVerdict] = useState<{ name: string; said: FileVerdict } | null>(null);
  const read = async (file: File): Promise<void> => {
    setVerdict({ name: file.name, said: verifyFile(await file.text()) });
  };
  const said = verdict && words(verdict.said);
  const Mark = said?.good ? CircleCheckBig : TriangleAlert;
  return (
    <>
      <p className="pt-5 text-base font-semibold">Store: verify</p>
      <h1 className="text-4xl font-bold">Is this file whole?</h1>
      <p className="mt-1 max-w-3xl text-lg">
        Every exported file carries the head of a chain of digests (SHA-256) over all its records. A
        change of any of them breaks the chain. The file stays on this device and is not imported.
        With a file chosen, the digest on a printed dossier can be held against it.
      </p>
      <div className="mt-4">
        <FileButton
          label="File to verify"
          accept="application/json,.json"
          onFile={(file) => void read(file)}
        >
          Choose the file
        </FileButton>
      </div>
      {said && verdict && (
        <section aria-label="The answer" className="mt-6 max-w-3xl border-l-8 border-lavender pl-4">
          <p className="text-base">{verdict.name}</p>
          <p
            role="status"
            className="flex items-center gap-4 text-5xl leading-tight font-extrabold"
          >
            <Mark aria-hidden className="size-12 shrink-0" />
            {said.title}
          </p>
          <p className="mt-1 text-xl">{said.more}</p>
          <p className="mt-2 text-base">
            A seal shows that a file is as it was exported; it does not show who exported it.
          </p>
        </section>
      )}
      {verdict && (verdict.said.status === 'whole' || verdict.said.status === 'no-seal') && (
        <DigestCheck verdict={verdict.said} />
      )}
    </>
  );
}
