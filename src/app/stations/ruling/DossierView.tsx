import { ArrowLeft, FileDown, KeyRound, Printer } from 'lucide-react';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { LotRule } from '../../lot/LotRule';
import { Button } from '../../ui/Button';
import { BUTTON_BASE, BUTTON_TONES, INPUT } from '../../ui/classes';
import { DossierHead, DossierPart } from './dossier/DossierPaper';
import type { DraftText } from '../../forms/useDraftText';
import { dossierWords } from '../../words/english/dossier';
import { rulingWords } from '../../words/english/ruling';

import type { useDossierController } from './useDossierController';

/** Who hands over or takes; kept as it is typed. */
function Party({ label, of }: { label: string; of: DraftText }): ReactElement {
  return (
    <label className="block text-base font-semibold">
      {label}
      <input
        autoComplete="off"
        className={`${INPUT} mt-1 font-normal`}
        placeholder={dossierWords.nameAndAddress()}
        value={of.text}
        onChange={(event) => of.type(event.target.value)}
      />
    </label>
  );
}

/** The lot on paper: decision, evidence, method, uncertainty, rules, signature, seal. */
export function DossierView(props: ReturnType<typeof useDossierController>): ReactElement {
  const { answer, content, digest, signature, pdf, print, producer, buyer, back } = props;
  return (
    <>
      <div className="flex flex-wrap gap-3 py-5 print:hidden">
        <Button tone="ink" onClick={pdf.make} disabled={pdf.busy || digest === null}>
          <FileDown aria-hidden className="size-5" /> {rulingWords.saveAsPdf()}
        </Button>
        <Button onClick={print}>
          <Printer aria-hidden className="size-5" /> {rulingWords.print()}
        </Button>
        {signature.canSign && (
          <Button onClick={signature.sign}>
            <KeyRound aria-hidden className="size-5" /> {dossierWords.signWithThisDevice()}
          </Button>
        )}
        <Link to={back} className={`${BUTTON_BASE} ${BUTTON_TONES.line}`}>
          <ArrowLeft aria-hidden className="size-5" /> {rulingWords.backToTheLot()}
        </Link>
      </div>
      <div className="mx-auto grid max-w-4xl gap-5 pb-5 sm:grid-cols-2 print:hidden">
        <Party label={dossierWords.producer()} of={producer} />
        <Party label={dossierWords.buyer()} of={buyer} />
      </div>
      <article className="mx-auto max-w-4xl space-y-6 border border-thread bg-paper p-5 sm:p-12 print:max-w-none print:border-0 print:p-0">
        <DossierHead head={content.head} />
        <LotRule answer={answer} />
        {content.parts.map((part) => (
          <DossierPart key={part.title} part={part} />
        ))}
        <p className="text-base wrap-anywhere">
          {digest === null
            ? rulingWords.makingTheDigest()
            : rulingWords.digestOfEveryRecordBehind({ digest })}
        </p>
        {signature.words !== null && (
          <p role="status" className="text-base font-semibold">
            {signature.words}
          </p>
        )}
      </article>
    </>
  );
}
