import { CircleCheckBig, TriangleAlert } from 'lucide-react';
import { useId, useState, type ReactElement } from 'react';
import type { DigestHit, FileVerdict } from '../../../records';
import { formatMoment } from '../../format/dates';
import { FileButton } from '../../ui/fields/FileButton';
import { FileWork, useFileWork } from '../../ui/page/FileWork';
import { INPUT } from '../../ui/classes';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';
import { tell } from '../../words/tell';

/** What is said of a file, largest first. */
function words(verdict: FileVerdict): { title: string; more: string; good: boolean } {
  switch (verdict.status) {
    case 'whole':
      return {
        title: storeWords.unchangedSinceItWasSaved(),
        more: storeWords.recordsSavedTheTextIs({
          records: verdict.records,
          exportedAt: formatMoment(verdict.exportedAt),
        }),
        good: true,
      };
    case 'changed':
      return { title: storeWords.theFileWasChanged(), more: tell(verdict.why), good: false };
    case 'no-seal':
      return {
        title: storeWords.theFileHasNoSeal(),
        more: storeWords.itWasWrittenByHand(),
        good: false,
      };
    case 'unreadable':
      return {
        title: storeWords.theFileCannotBeRead(),
        more: tell(verdict.error.message),
        good: false,
      };
  }
}

/** Digits of a digest that tell one lot from another. */
const LEAST_DIGITS = 16;

function hitWords({ code, check }: DigestHit): string {
  const later = check.later > 0 ? storeWords.cameLater({ later: check.later }) : '';
  return storeWords.lotAllRecordsBehindThat({ code, records: check.records, later });
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
    setSaid(hit ? hitWords(hit) : storeWords.noLotInThisFile());
  };
  return (
    <section aria-labelledby="digest" className="mt-8 max-w-3xl border-t-2 border-ink pt-3">
      <h2 id="digest" className="text-2xl font-bold">
        {storeWords.aDossierOnPaper()}
      </h2>
      <label htmlFor={id} className="mt-2 block text-base font-semibold">
        {storeWords.digestOnTheDossierAt({ leastDigits: LEAST_DIGITS })}
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
    const said = await work.run((remote, onProgress) => remote.verify(file, onProgress));
    if (said) setVerdict({ name: file.name, said });
  };
  const said = verdict && words(verdict.said);
  const Mark = said?.good ? CircleCheckBig : TriangleAlert;
  return (
    <>
      <p className="pt-5 text-base font-semibold">{storeWords.storeVerify()}</p>
      <h1 className="text-4xl font-bold">{storeWords.isThisFileAsIt()}</h1>
      <p className="mt-1 max-w-3xl text-lg">{storeWords.everySavedFileCarriesThe()}</p>
      <div className="mt-4">
        <FileButton
          label={storeWords.fileToVerify()}
          accept="application/json,.json"
          onFile={(file) => void read(file)}
        >
          {storeWords.chooseTheFile()}
        </FileButton>
      </div>
      <FileWork work={work} />
      {said && verdict && (
        <section
          aria-label={commonWords.theAnswer()}
          className="mt-6 max-w-3xl border-l-8 border-lavender pl-4"
        >
          <p className="text-base">{verdict.name}</p>
          <p
            role="status"
            className="flex items-center gap-4 text-5xl leading-tight font-extrabold"
          >
            <Mark aria-hidden className="size-12 shrink-0" />
            {said.title}
          </p>
          <p className="mt-1 text-xl">{said.more}</p>
          <p className="mt-2 text-base">{storeWords.anyoneCanWriteASeal()}</p>
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
