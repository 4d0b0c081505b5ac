import { PageHead } from '../../../ui/page/PageHead';
import { FileText } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import type { LotFile } from '../../../../model';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../../store';
import { useCommands } from '../../../commands/useCommands';
import { useRuleSets } from '../../../data/useRuleSets';
import { lotEntry, readLotForm } from '../../../forms/lots/lotForm';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { BUTTON_BASE, BUTTON_TONES } from '../../../ui/classes';
import { LotWay } from '../../../lot/LotWay';
import { CorrectSheet } from '../../../ui/forms/CorrectSheet';
import { LotLimitFields, LotNameFields } from './LotFields';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';

/** Name, origin and plant of the lot, with the ways to its dossier and its details. */
export function LotHeader({ file }: { file: LotFile }): ReactElement {
  const [correcting, setCorrecting] = useState(false);
  const preferences = useAppSelector(selectPreferences);
  const workspace = useAppSelector(selectWorkspace);
  const ruleSets = useRuleSets();
  const navigate = useNavigate();
  const { content } = file.lot;
  const dossier = `/${workspace}/lots/${file.lot.entityId}/dossier`;
  const after = `/${workspace}/strain/mass/${file.lot.entityId}`;
  useCommands([
    {
      id: 'lot-after',
      title: rulingWords.balanceWarmthAndSettlingOf(),
      key: 'a',
      run: () => void navigate(after),
    },
    {
      id: 'dossier',
      title: rulingWords.openTheDossierOfThis(),
      key: 'd',
      run: () => void navigate(dossier),
    },
    {
      id: 'lot-bench',
      title: rulingWords.thisLotAtTheBench(),
      key: 'b',
      run: () => void navigate(`/${workspace}/bench/${file.lot.entityId}`),
    },
    {
      id: 'correct-lot',
      title: rulingWords.correctTheDetailsOfThis(),
      key: 'e',
      run: () => setCorrecting(true),
    },
  ]);
  const facts = [
    content.code,
    rulingWords.extracted({ date: formatDay(content.date) }),
    content.plant,
    content.origin,
  ];
  return (
    <>
      <PageHead
        title={content.name || commonWords.lot({ code: content.code })}
        lead={
          <>
            {facts.filter((fact) => fact !== '').join(' · ')}
            {content.remark !== '' && <span className="mt-1 block text-ink">{content.remark}</span>}
          </>
        }
      >
        <Button onClick={() => setCorrecting(true)}>{rulingWords.details()}</Button>
        <Link to={dossier} className={`${BUTTON_BASE} ${BUTTON_TONES.line}`}>
          <FileText aria-hidden className="size-5" /> {rulingWords.dossier()}
        </Link>
      </PageHead>
      <LotWay file={file} at="ruling" />
      <CorrectSheet
        open={correcting}
        onOpenChange={setCorrecting}
        record={file.lot}
        what={rulingWords.thisLot()}
        formOf={lotEntry.fill(content, preferences)}
        parse={(form) => readLotForm(form, preferences, ruleSets)}
      >
        <LotNameFields />
        <LotLimitFields />
      </CorrectSheet>
    </>
  );
}
