import { FERMENTATION_SIGNS, HAPPENED } from '../../../../core';
import { meteredReading, vesselsOf, type LotFile, type Meters } from '../../../../model';
import { vesselIdOf, type Reading } from '../../../../records';
import { SHAKE_CHOICES } from '../../../forms/lots/combForm';
import { colourWords } from '../../../format/colour';
import { formatMoment } from '../../../format/dates';
import { makeUpWords } from '../../../words/makeUp';
import { formatDial } from '../../../format/moisture';
import { offsetTaken } from '../../../words/reading';
import { formatQuantity } from '../../../format/units';
import { massOf, massWords } from '../parts/ContainersSection';
import { SIGN_NAMES } from '../../../forms/lots/lotForm';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';

function readingRow(
  reading: Reading,
  { file, meters, preferences, answer }: DossierSources,
): string[] {
  const before = answer.evidence.earlier?.find((one) => one.id === reading.entityId)?.before;
  const { content, author } = reading;
  const { read } = meteredReading(content, meters);
  const id = vesselIdOf(content);
  const vessels = vesselsOf(file.containers);
  const temperature =
    content.temperatureC === null
      ? 'not noted'
      : formatQuantity(content.temperatureC, 'temperature', preferences);
  return [
    id === null ? 'lot, stirred' : (vessels.find((one) => one.id === id)?.label ?? 'removed'),
    formatDial(content.scale, content.dialValue),
    `${temperature}${content.atc === null ? ', ATC not known' : content.atc ? ', ATC' : ''}`,
    read.status === 'read' ? read.nD20.toFixed(5) : '—',
    read.status === 'read' ? `${read.moisturePercent.toFixed(2)} %` : '—',
    `${formatMoment(content.takenAt)}${author === '' ? '' : ` ${author}`}${before ? `, history: before ${HAPPENED[before]}` : ''}`,
  ];
}

/** Each meter that was used, with its zero and what was taken off for it; told once. */
function metersUsed(file: LotFile, meters: Meters): string {
  const told = file.readings.map(({ content }) => {
    const { dial, condition } = meteredReading(content, meters);
    const name = meters.get(content.instrumentId ?? '')?.instrument.content.name;
    const offset = offsetTaken(dial);
    const zero = condition.zeroCheck === 'checked' ? 'zero checked' : 'zero not checked';
    const act = offset > 0 ? 'taken off' : 'added';
    const taken =
      Math.abs(offset) < 0.005 ? '' : `, ${Math.abs(offset).toFixed(2)} points ${act} for it`;
    return `${name ?? 'a meter not named'}, ${zero}${taken}`;
  });
  return [...new Set(told)].join('; ');
}

/** The readings of a lot with their meters. */
export function readingBlocks(sources: DossierSources): PaperBlock[] {
  const { file, meters } = sources;
  if (file.readings.length === 0) return [text('No reading was taken.')];
  return [
    {
      as: 'table',
      label: 'Readings',
      head: ['From', 'Dial', 'Prism', 'nD at 20 °C', 'Moisture', 'Read'],
      rows: file.readings.map((one) => readingRow(one, sources)),
      shares: [0.16, 0.13, 0.16, 0.14, 0.13, 0.28],
    },
    text(`Meter: ${metersUsed(file, meters)}.`),
  ];
}

function combWords({ file, preferences }: DossierSources): string {
  const { comb, frames } = file;
  if (frames) return makeUpWords(frames.content, preferences);
  if (!comb) return 'not judged.';
  const shake = SHAKE_CHOICES.find((one) => one.value === comb.content.shake)?.label.toLowerCase();
  return `${comb.content.cappedTenths} tenths capped, shake test: ${shake ?? ''}.`;
}

function containerWords({ file, answer, preferences }: DossierSources): string {
  const total = massOf(file.containers, answer.ruling.belief);
  if (file.containers.length === 0) return 'none named.';
  const named = file.containers.map(({ content }) => `${content.count} × ${content.label}`);
  return `${named.join(', ')}${total ? `, together ${massWords(total, preferences)}` : ''}.`;
}

/** Readings, comb, containers and what was seen. */
export function evidencePart(sources: DossierSources): PaperPart {
  const { file, preferences } = sources;
  const { signs, storageTemperatureC } = file.lot.content;
  const seen = FERMENTATION_SIGNS.filter((one) => signs.includes(one));
  const plan = file.plan?.content;
  return {
    title: 'Evidence',
    blocks: [
      ...readingBlocks(sources),
      text(`Comb: ${combWords(sources)}`),
      text(`Containers: ${containerWords(sources)}`),
      ...(plan
        ? [
            text(
              `Sampling plan: ${plan.plannedIds.flat().length} vessels fixed ${formatMoment(plan.fixedAt)}, seed ${plan.seed}.`,
            ),
          ]
        : []),
      ...(file.colours.length > 0
        ? [
            text(
              `Colour in glass: ${file.colours.map(({ content }) => colourWords(content)).join('; ')}.`,
            ),
          ]
        : []),
      ...file.labReports.map(({ content }) =>
        text(
          `Report of ${content.laboratory}, ${content.day}${content.reportNumber === '' ? '' : `, number ${content.reportNumber}`}: its values stand among the reasons.`,
        ),
      ),
      ...(file.pieces.length > 0
        ? [text(`Comb honey: ${file.pieces.length} pieces, each looked at by itself.`)]
        : []),
      text(
        `Signs of fermentation: ${seen.length === 0 ? 'none entered.' : `${seen.map((one) => SIGN_NAMES[one].toLowerCase()).join(', ')}.`}`,
      ),
      text(
        `Store: ${storageTemperatureC === null ? 'temperature not known.' : `${formatQuantity(storageTemperatureC, 'temperature', preferences)}.`}`,
      ),
    ],
  };
}
