import { ArrowLeft, Printer } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { contentsOf, type LotFile } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useCommands } from '../../commands/useCommands';
import { Button } from '../../ui/Button';
import { BUTTON_BASE, BUTTON_TONES } from '../../ui/classes';
import { DossierCautions, DossierReasons, DossierSignature } from './dossier/DossierEnd';
import { DossierEvidence } from './dossier/DossierEvidence';
import { DossierHead } from './dossier/DossierHead';
import { DossierMethod } from './dossier/DossierMethod';
import { LotGate } from '../../lot/LotGate';
import { LotRule } from '../../lot/LotRule';
import { useAnswer } from '../../lot/useLot';

function DossierView({ file }: { file: LotFile }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const contents = useMemo(() => contentsOf(file), [file]);
  const answer = useAnswer(contents, file.lot.entityId);
  const print = (): void => window.print();
  useCommands([{ id: 'print', title: 'Print or save as PDF', key: 'p', run: print }]);
  return (
    <>
      <div className="flex flex-wrap gap-3 py-5 print:hidden">
        <Button tone="ink" onClick={print}>
          <Printer aria-hidden className="size-5" /> Print or save as PDF
        </Button>
        <Link
          to={`/${workspace}/lots/${file.lot.entityId}`}
          className={`${BUTTON_BASE} ${BUTTON_TONES.line}`}
        >
          <ArrowLeft aria-hidden className="size-5" /> Back to the lot
        </Link>
      </div>
      <article className="mx-auto max-w-4xl space-y-6 border border-thread bg-white p-5 sm:p-12 print:max-w-none print:border-0 print:p-0">
        <DossierHead file={file} ruling={answer.ruling} demo={workspace === 'demo'} />
        <LotRule answer={answer} />
        <DossierEvidence file={file} answer={answer} />
        <DossierMethod answer={answer} />
        <DossierReasons ruling={answer.ruling} />
        <DossierCautions file={file} answer={answer} />
        <DossierSignature file={file} />
      </article>
    </>
  );
}

/** The lot on paper: decision, evidence, method, uncertainty, rules, signature. */
export function DossierScreen(): ReactElement {
  return <LotGate View={DossierView} />;
}
