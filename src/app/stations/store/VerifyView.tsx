import { CircleCheckBig, TriangleAlert } from 'lucide-react';
import type { ReactElement } from 'react';
import type { FileVerdict } from '../../../records';
import { formatMoment } from '../../format/dates';
import { FileButton } from '../../ui/fields/FileButton';
import { FileWork } from '../../ui/page/FileWork';
import { PageHead } from '../../ui/page/PageHead';
import { Signatures } from './parts/Signatures';
import { DigestCheck } from './parts/DigestCheck';
import type { useVerifyController } from './useVerifyController';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';
import { tell } from '../../words/tell';

/** What is said of a file, largest first. */
function wordsOf(verdict: FileVerdict): { title: string; more: string; good: boolean } {
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

function Verdict({ name, found }: { name: string; found: FileVerdict }): ReactElement {
  const { title, more, good } = wordsOf(found);
  const Mark = good ? CircleCheckBig : TriangleAlert;
  return (
    <section
      aria-label={commonWords.theAnswer()}
      className="mt-6 max-w-3xl border-l-8 border-lavender pl-4"
    >
      <p className="text-base">{name}</p>
      <p role="status" className="flex items-center gap-4 text-5xl leading-tight font-extrabold">
        <Mark aria-hidden className="size-12 shrink-0" />
        {title}
      </p>
      <p className="mt-1 text-xl">{more}</p>
      <p className="mt-2 text-base">{storeWords.anyoneCanWriteASeal()}</p>
    </section>
  );
}

/** Says whether an exported file is as it was saved, and whether a printed dossier agrees with it. */
export function VerifyView(props: ReturnType<typeof useVerifyController>): ReactElement {
  const { work, verdict, verify, hasLots, lotOf } = props;
  return (
    <>
      <PageHead
        over={storeWords.storeVerify()}
        title={storeWords.isThisFileAsIt()}
        lead={storeWords.everySavedFileCarriesThe()}
      />
      <div className="mt-4">
        <FileButton
          label={storeWords.fileToVerify()}
          accept="application/json,.json,application/zip,.zip"
          onFile={(file) => void verify(file)}
        >
          {storeWords.chooseTheFile()}
        </FileButton>
      </div>
      <FileWork work={work} />
      {verdict && <Verdict {...verdict} />}
      {verdict && <Signatures found={verdict.signatures} />}
      {verdict && hasLots && <DigestCheck key={verdict.name} onAsk={lotOf} />}
    </>
  );
}
