import { firstRevision, type Box, type BoxContent, type Preferences } from '../../records';
import { perform, type RecordAct } from '../../store';
import { freshHarvest, harvestEntry } from '../forms/hives/harvestForm';
import { momentWords } from '../words/english/moment';

/** Frames that are looked at before anybody says where they hang. */
const ANY_FRAMES: BoxContent = {
  boxKind: 'tote',
  label: '',
  yardId: null,
  colonyId: null,
  role: 'honey',
  formatId: 'langstroth-deep',
  slots: 10,
  excluder: false,
  newComb: false,
  lastHoney: '',
  cleanedSince: true,
  onDay: null,
  offDay: null,
  earlier: [],
};

interface Round {
  readonly today: string;
  readonly preferences: Preferences;
  readonly name: string;
  /** the box that is opened; null where frames are in hand that nobody placed yet */
  readonly box: Box | null;
}

/** A day at the hives that asks for nothing: where the frames hang is said afterwards, or never. */
export function startRound({ today, preferences, name, box }: Round): RecordAct {
  const form = { ...freshHarvest(today, preferences), name };
  const read = harvestEntry.read(form, preferences);
  if (!read.ok) throw new Error('a day with the usual choices must be valid');
  const { content } = read;
  return perform(momentWords.roundStarted(), (scribe) => {
    const harvest = firstRevision(scribe, 'harvest', content);
    if (box) return [harvest];
    return [harvest, firstRevision(scribe, 'box', { ...ANY_FRAMES, label: name.slice(0, 40) })];
  });
}
