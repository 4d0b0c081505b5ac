import { type ReactElement } from 'react';
import { type LotFile, type LotHeat } from '../../../../model';
import { type HeatSpell } from '../../../../records';
import { removeSpell } from '../settlingActs';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { spanText } from '../../../format/clock';
import { OCCASION_NAMES } from '../../../words/strainWords';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { commonWords } from '../../../words/english/common';
import { settlingWords } from '../../../words/english/settling';
import { formatMoment } from '../../../format/dates';

const SOURCES = {
  typed: settlingWords.asTyped(),
  log: settlingWords.fromTheLogger(),
  plan: settlingWords.fromAPlan(),
  room: settlingWords.fromTheRoomsSetting(),
} as const;

interface SpellActProps {
  spell: HeatSpell;
  onEdit: (spell: HeatSpell) => void;
}

/** What was typed is changed; what came from a log or a plan is removed, and taken anew. */
function SpellAct({ spell, onEdit }: SpellActProps): ReactElement {
  const dispatch = useAppDispatch();
  const isTyped = spell.content.source === 'typed';
  const remove = (): void => void dispatch(removeSpell(spell));
  return (
    <Button tone="quiet" className="px-0!" onClick={() => (isTyped ? onEdit(spell) : remove())}>
      {isTyped ? commonWords.change() : commonWords.remove()}
      <span className="sr-only"> {OCCASION_NAMES[spell.content.occasion]}</span>
    </Button>
  );
}

interface HistoryProps {
  file: LotFile;
  heat: LotHeat;
  onEdit: (spell: HeatSpell) => void;
}

/** Every spell of warmth, oldest first. */
export function WarmthHistory({ file, heat, onEdit }: HistoryProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const rows = heat.entries.map((entry) => {
    const days = entry.history.reduce((sum, each) => sum + each.days, 0);
    const warmest = Math.max(...entry.history.map((each) => each.temperatureC));
    const typed = file.heatSpells.find((each) => each.entityId === entry.id);
    return [
      formatMoment(entry.startedMs),
      <span key="what">
        {OCCASION_NAMES[entry.occasion]}
        {entry.words !== '' && <span className="block text-ink-soft">{entry.words}</span>}
      </span>,
      settlingWords.upTo({
        spanText: spanText(24 * days),
        warmest: formatQuantity(warmest, 'temperature', preferences, 0),
      }),
      SOURCES[entry.from],
      typed ? <SpellAct key="act" spell={typed} onEdit={onEdit} /> : settlingWords.fromItsRoom(),
    ];
  });
  if (rows.length === 0) {
    return <p className="text-lg">{settlingWords.nothingRecordedNoDryingWarming()}</p>;
  }
  return (
    <PlainTable
      label={settlingWords.everySpellOfWarmth()}
      head={[
        commonWords.from(),
        commonWords.what(),
        settlingWords.how(),
        commonWords.known(),
        commonWords.correct(),
      ]}
      rows={rows}
    />
  );
}
