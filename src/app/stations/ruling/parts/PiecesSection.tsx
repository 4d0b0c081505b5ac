import { COMB_STEP_NAMES, type CombStep } from '../combSteps';
import { toggleCombStep } from '../lotActs';
import { Square, SquareCheckBig } from 'lucide-react';
import { type ReactElement } from 'react';
import { rulePieces, type LotEvidence, type PieceRuling } from '../../../../core';
import { ripePieces, type LotFile } from '../../../../model';
import { COMB_STEPS, type PieceRecord } from '../../../../records';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { useEditing } from '../../../data/useEditing';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { pieceEntry, pieceFormOf, readPieceForm } from '../../../forms/lots/circumstancesForm';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { OutcomeMark } from '../../../ui/OutcomeMark';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { rulingWords } from '../../../words/english/ruling';
import { tell } from '../../../words/tell';

function PieceFields(): ReactElement {
  return (
    <>
      <Field of={pieceEntry} at="label" />
      <Field of={pieceEntry} at="cappedTenths" shape="cells" />
      <Fields of={pieceEntry} at={['seen', 'massKg']} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={pieceEntry} at={['sacrificed.percent', 'sacrificed.plusMinus']} />
      </div>
      <Field of={pieceEntry} at="remark" />
    </>
  );
}

function PieceRow({
  piece,
  ruling,
  onEdit,
}: {
  piece: PieceRecord;
  ruling: PieceRuling | undefined;
  onEdit: () => void;
}): ReactElement {
  const outcome = ruling?.outcome ?? 'measure';
  return (
    <li className="flex items-center gap-4 py-2">
      <span className="w-20 text-xl font-bold">{piece.content.label}</span>
      <span className="grow">
        <span className="flex items-center gap-2 text-lg font-bold">
          {outcome === 'used-up' ? (
            rulingWords.usedUp()
          ) : (
            <>
              <OutcomeMark outcome={outcome} className="size-6 shrink-0" />
              {OUTCOME_NAMES[outcome]}
            </>
          )}
        </span>
        <span className="block text-base">{ruling && tell(ruling.sentence)}</span>
      </span>
      <Button tone="quiet" onClick={onEdit}>
        {commonWords.change()}
        <span className="sr-only"> {piece.content.label}</span>
      </Button>
    </li>
  );
}

/** How many pieces count, and what they weigh: the ripe ones only. */
function RipePieces({
  file,
  rulings,
}: {
  file: LotFile;
  rulings: readonly PieceRuling[];
}): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const { pieces, massKg } = ripePieces(file, rulings);
  if (pieces === 0) return null;
  return (
    <p className="text-lg">
      <strong className="text-3xl">{rulingWords.ripePieces({ pieces })}</strong>
      {massKg > 0 && rulingWords.about({ massKg: formatQuantity(massKg, 'mass', preferences) })}
      {rulingWords.theOthersAreExtractedWith()}
    </p>
  );
}

/** What is done with comb honey before it is sold, ticked off in order. */
function CombSteps({ file }: { file: LotFile }): ReactElement {
  const dispatch = useAppDispatch();
  const record = file.circumstances;
  const done = record?.content.combSteps ?? [];
  const toggle = (step: CombStep): void =>
    void dispatch(toggleCombStep(step, record, file.lot.entityId));
  return (
    <ol aria-label={rulingWords.stepsOfCombHoney()} className="my-3 space-y-1">
      {COMB_STEPS.map((step) => (
        <li key={step}>
          <button
            type="button"
            aria-pressed={done.includes(step)}
            onClick={() => toggle(step)}
            className="flex min-h-11 w-full items-center gap-3 text-left text-lg hover:bg-lavender-pale"
          >
            {done.includes(step) ? (
              <SquareCheckBig aria-hidden className="size-6 shrink-0" />
            ) : (
              <Square aria-hidden className="size-6 shrink-0" />
            )}
            {COMB_STEP_NAMES[step]}
          </button>
        </li>
      ))}
    </ol>
  );
}

/** Comb honey, ruled piece by piece. */
export function PiecesSection({
  file,
  evidence,
}: {
  file: LotFile;
  evidence: LotEvidence;
}): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<PieceRecord>();
  const pieces = file.pieces.map(({ entityId, content }) => ({
    id: entityId,
    label: content.label,
    cappedShare: content.cappedTenths / 10,
    weeping: content.weeping,
    foreign: content.foreign,
    measured: content.sacrificed && {
      mean: content.sacrificed.percent,
      standardUncertainty: content.sacrificed.plusMinus / 2,
    },
  }));
  const rulings = rulePieces(pieces, evidence);
  return (
    <SheetSection
      id="pieces"
      title={rulingWords.combHoneyPieceByPiece()}
      aside={<Button onClick={() => editing.add()}>{rulingWords.checkAPiece()}</Button>}
    >
      <RipePieces file={file} rulings={rulings} />
      <CombSteps file={file} />
      {file.pieces.length === 0 ? (
        <p className="text-lg">{rulingWords.noPieceCheckedYet()}</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.pieces.map((piece, at) => (
            <PieceRow
              key={piece.entityId}
              piece={piece}
              ruling={rulings[at]}
              onEdit={() => editing.edit(piece)}
            />
          ))}
        </ul>
      )}
      <EntrySheet
        {...editing}
        kind="piece"
        ownerId={file.lot.entityId}
        what={rulingWords.thePiece()}
        title={rulingWords.aPieceOfCombHoney()}
        description={rulingWords.itsMoistureComesFromA()}
        formOf={pieceFormOf(
          editing.record?.content ?? null,
          preferences,
          String(file.pieces.length + 1),
        )}
        parse={(form) => readPieceForm(form, preferences)}
      >
        <PieceFields />
      </EntrySheet>
    </SheetSection>
  );
}
