import { CircleCheckBig, TriangleAlert } from 'lucide-react';
import { useId, useState, type ReactElement } from 'react';
import type { DigestHit, FileVerdict } from '../../../records';
import { counted } from '../../format/counted';
import { formatMoment } from '../../format/dates';
import { FileButton } from '../../ui/fields/FileButton';
import { FileWork, useFileWork } from '../../ui/page/FileWork';
import { INPUT } from '../../ui/classes';

/** What is said of a file, largest first. */
function words(verdict: FileVerdict): { title: string; more: string; good: boolean } {
  switch (verdict.status) {
    case 'whole':
      return {
        title: 'Agrees with its own seal',
        more: `${counted(verdict.records, 'record')}, saved ${formatMoment(verdict.exportedAt)}; the text is as it was written, to the byte.`,
        good: true,
      };
    case 'changed':
      return { title: 'The file was changed', more: verdict.why, good: false };
    case 'no-seal':
      return {
        title: 'The file has no seal',
        more: 'It was written by hand or by an earlier version: it can be read, but nothing says whether it was changed.',
        good: false,
      };
    case 'unreadable':
      return { title: 'The file cannot be read', more: verdict.error.message, good: false };
  }
}

/** Digits of a digest that tell one lot from another. */
const LEAST_DIGITS = 16;

function hitWords({ code, check }: DigestHit): string {
  const later = check.later > 0 ? `; ${check.later} came later` : '';
  return `Lot ${code}: all ${check.records} records behind that dossier are here unchanged${later}.`;
}

/** The digest on a printed dossier, held against the lots of the file. */
function DigestCheck({
  onAsk,
}: {
  onAsk: (digest: string) => Promise<DigestHit | null>;
}): ReactElement {
  const id = useId();
  const [digest, setDigest] = useState('');
  const [said, setSaid] = useState('');
  const type = async (text: string): Promise<void> => {
    setDigest(text);
    const typed = text.replaceAll(/\s/g, '');
    if (typed.length < LEAST_DIGITS) return setSaid('');
    const hit = await onAsk(typed);
    setSaid(
      hit
        ? hitWords(hit)
        : 'No lot of this file gives that digest: its records were changed, records of another device came between them, or it is another lot.',
    );
  };
  return (
    <section aria-labelledby="digest" className="mt-8 max-w-3xl border-t-2 border-ink pt-3">
      <h2 id="digest" className="text-2xl font-bold">
        A dossier on paper
      </h2>
      <label htmlFor={id} className="mt-2 block text-base font-semibold">
        Digest on the dossier, at least its first {LEAST_DIGITS} digits
      </label>
      <input
        id={id}
        className={INPUT}
        value={digest}
        autoComplete="off"
        onChange={(event) => void type(event.target.value)}
      />
      <p role="status" className="mt-3 text-xl font-bold">
        {said}
      </p>
    </section>
  );
}

/** Says whether an exported file is as it was saved, and whether a printed dossier agrees with it. */
export function VerifyScreen(): ReactElement {
  const [verdict, setVerdict] = useState<{ name: string; said: FileVerdict } | null>(null);
  const work = useFileWork();
  const read = async (file: File): Promise<void> => {
    work.close();
    setVerdict(null);
    const said = await work.run((remote, told) => remote.verify(file, told));
    if (said) setVerdict({ name: file.name, said });
  };
  const said = verdict && words(verdict.said);
  const Mark = said?.good ? CircleCheckBig : TriangleAlert;
  return (
    <>
      <p className="pt-5 text-base font-semibold">Store: verify</p>
      <h1 className="text-4xl font-bold">Is this file as it was saved?</h1>
      <p className="mt-1 max-w-3xl text-lg">
        Every saved file carries the head of a chain of digests (SHA-256) over all its records. A
        change of any of them breaks the chain. The file stays on this device and is not brought in.
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
      <FileWork work={work} />
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
            Anyone can write a seal: it shows slips and damage, not who saved the file. Against
            forgery only a digest printed and kept elsewhere helps.
          </p>
        </section>
      )}
      {verdict && (verdict.said.status === 'whole' || verdict.said.status === 'no-seal') && (
        <DigestCheck
          key={verdict.name}
          onAsk={(digest) => work.run((remote) => remote.checkDigest(digest))}
        />
      )}
    </>
  );
}
