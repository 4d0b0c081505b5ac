import { type ReactElement } from 'react';
import { rulePieces, type LotEvidence, type PieceRuling } from '../../../../core';
import type { LotFile, PieceRecord } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useEditing } from '../../../data/useEditing';
import { pieceFormOf, readPieceForm } from '../../../forms/circumstancesForm';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { unitOf } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { EntrySheet } from '../../../ui/EntrySheet';
import { OutcomeMark } from '../../../ui/OutcomeMark';
import { SheetSection } from '../../../ui/SheetSection';
import { TextField } from '../../../ui/TextField';

const TENTHS = Array.from({ length: 11 }, (_, at) => ({ value: String(at), label: String(at) }));

const SEEN = [
  { value: 'weeping', label: 'It weeps: honey touches the cappings or drips' },
  { value: 'foreign', label: 'Pollen, brood or larvae in it' },
];

function PieceFields(): ReactElement {
  const mass = unitOf('mass', useAppSelector(selectPreferences)).name;
  return (
    <>
      <TextField name="label" label="Piece" hint="As it stands on its box" />
      <ChoiceField
        name="cappedTenths"
        label="Tenths capped on the worse side"
        choices={TENTHS}
        shape="cells"
      />
      <ChecksField name="seen" label="Seen in it" choices={SEEN} />
      <TextField name="mass" label="Weighs" unit={mass} inputMode="decimal" />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="moisture"
          label="Sacrificed: it read, corrected"
          unit="%"
          inputMode="decimal"
          hint="Leave empty for a piece that stays whole."
        />
        <TextField
          name="plusMinus"
          label="Off by up to ±"
          unit="%"
          inputMode="decimal"
          hint="0.5 where empty"
        />
      </div>
      <TextField name="remark" label="Remark" />
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
            'Used up'
          ) : (
            <>
              <OutcomeMark outcome={outcome} className="size-6 shrink-0" />
              {OUTCOME_NAMES[outcome]}
            </>
          )}
        </span>
        <span className="block text-base">{ruling?.sentence}</span>
      </span>
      <Button tone="quiet" onClick={onEdit}>
        Change<span className="sr-only"> {piece.content.label}</span>
      </Button>
    </li>
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
      title="Comb honey, piece by piece"
      aside={<Button onClick={() => editing.add()}>Look at a piece</Button>}
    >
      {file.pieces.length === 0 ? (
        <p className="text-lg">No piece looked at yet; each is ruled by itself.</p>
      ) : (
        <ul className="divide-y divide-thread">
          {file.pieces.map((one, at) => (
            <PieceRow
              key={one.entityId}
              piece={one}
              ruling={rulings[at]}
              onEdit={() => editing.edit(one)}
            />
          ))}
        </ul>
      )}
      <EntrySheet
        {...editing}
        kind="piece"
        ownerId={file.lot.entityId}
        what="the piece"
        title="A piece of comb honey"
        description="Its moisture comes from a piece that is sacrificed, or is marked untested."
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
