import { FERMENTATION_SIGNS, HAPPENED } from '../../../../core';
import { meteredReading, vesselsOf, type LotFile, type Meters } from '../../../../model';
import { vesselIdOf, type Reading } from '../../../../records';
import { SHAKE_CHOICES } from '../../../forms/lots/combForm';
import { colourWords } from '../../../format/colour';
import { formatMoment } from '../../../format/dates';
import { compositionWords } from '../../../words/composition';
import { formatDial } from '../../../format/moisture';
import { offsetTaken } from '../../../words/reading';
import { formatQuantity } from '../../../format/units';
import { massOf, massWords } from '../parts/ContainersSection';
import { SIGN_NAMES } from '../../../forms/lots/lotForm';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';
import { commonWords } from '../../../words/english/common';
import { dossierWords } from '../../../words/english/dossier';
import { tell } from '../../../words/tell';

function readingRow(
  reading: Reading,
  { file, meters, preferences, answer }: DossierSources,
): string[] {
  const before = answer.evidence.earlier?.find(
    (earlierReading) => earlierReading.id === reading.entityId,
  )?.before;
  const { content, author } = reading;
  const { read } = meteredReading(content, meters);
  const id = vesselIdOf(content);
  const vessels = vesselsOf(file.containers);
  const temperature =
    content.temperatureC === null
      ? dossierWords.notNoted()
      : formatQuantity(content.temperatureC, 'temperature', preferences);
  return [
    id === null
      ? dossierWords.lotStirred()
      : (vessels.find((vessel) => vessel.id === id)?.label ?? commonWords.removedInside()),
    formatDial(content.scale, content.dialValue),
    `${temperature}${content.atc === null ? dossierWords.atcNotKnown() : content.atc ? dossierWords.atc() : ''}`,
    read.status === 'read' ? read.nD20.toFixed(5) : '—',
    read.status === 'read' ? `${read.moisturePercent.toFixed(2)} %` : '—',
    `${formatMoment(content.takenAt)}${author === '' ? '' : ` ${author}`}${before ? dossierWords.historyBefore({ happened: tell(HAPPENED[before]) }) : ''}`,
  ];
}

/** Each meter that was used, with its zero and what was taken off for it; details once. */
function metersUsed(file: LotFile, meters: Meters): string {
  const details = file.readings.map(({ content }) => {
    const { dial, condition } = meteredReading(content, meters);
    const name = meters.get(content.instrumentId ?? '')?.instrument.content.name;
    const offset = offsetTaken(dial);
    const zero =
      condition.zeroCheck === 'checked'
        ? dossierWords.zeroChecked()
        : dossierWords.zeroNotChecked();
    const act = offset > 0 ? dossierWords.takenOff() : dossierWords.added();
    const taken =
      Math.abs(offset) < 0.005
        ? ''
        : dossierWords.pointsForIt({ offset: Math.abs(offset).toFixed(2), act });
    return `${name ?? dossierWords.aMeterNotNamed()}, ${zero}${taken}`;
  });
  return [...new Set(details)].join('; ');
}

/** The readings of a lot with their meters. */
export function readingBlocks(sources: DossierSources): PaperBlock[] {
  const { file, meters } = sources;
  if (file.readings.length === 0) return [text(dossierWords.noReadings())];
  return [
    {
      as: 'table',
      label: dossierWords.readings(),
      head: [
        commonWords.from(),
        dossierWords.dial(),
        dossierWords.prism(),
        dossierWords.nDAtC(),
        dossierWords.moisture(),
        dossierWords.read(),
      ],
      rows: file.readings.map((reading) => readingRow(reading, sources)),
      shares: [0.16, 0.13, 0.16, 0.14, 0.13, 0.28],
    },
    text(dossierWords.meter({ metersUsed: metersUsed(file, meters) })),
  ];
}

function combWords({ file, preferences }: DossierSources): string {
  const { comb, frames } = file;
  if (frames) return compositionWords(frames.content, preferences);
  if (!comb) return dossierWords.notJudged();
  const shake = SHAKE_CHOICES.find(
    (shakeChoice) => shakeChoice.value === comb.content.shake,
  )?.label.toLowerCase();
  return dossierWords.tenthsCappedShakeTest({
    cappedTenths: comb.content.cappedTenths,
    shake: shake ?? '',
  });
}

function containerWords({ file, answer, preferences }: DossierSources): string {
  const total = massOf(file.containers, answer.ruling.belief);
  if (file.containers.length === 0) return dossierWords.noneNamed();
  const named = file.containers.map(({ content }) => `${content.count} × ${content.label}`);
  return `${named.join(', ')}${total ? dossierWords.together({ massWords: massWords(total, preferences) }) : ''}.`;
}

/** Readings, comb, containers and what was seen. */
export function evidencePart(sources: DossierSources): PaperPart {
  const { file, preferences } = sources;
  const { signs, storageTemperatureC } = file.lot.content;
  const seen = FERMENTATION_SIGNS.filter((fermentationSign) => signs.includes(fermentationSign));
  const plan = file.plan?.content;
  return {
    title: dossierWords.evidence(),
    blocks: [
      ...readingBlocks(sources),
      text(dossierWords.comb({ combWords: combWords(sources) })),
      text(dossierWords.containers({ containerWords: containerWords(sources) })),
      ...(plan
        ? [
            text(
              dossierWords.samplingPlanVesselsFixedSeed({
                plannedIds: plan.plannedIds.flat().length,
                fixedAt: formatMoment(plan.fixedAt),
                seed: plan.seed,
              }),
            ),
          ]
        : []),
      ...(file.colours.length > 0
        ? [
            text(
              dossierWords.colourInGlass({
                colours: file.colours.map(({ content }) => colourWords(content)).join('; '),
              }),
            ),
          ]
        : []),
      ...file.labReports.map(({ content }) =>
        text(
          dossierWords.reportOfItsValuesStand({
            laboratory: content.laboratory,
            day: content.day,
            part:
              content.reportNumber === ''
                ? ''
                : dossierWords.number({ reportNumber: content.reportNumber }),
          }),
        ),
      ),
      ...(file.pieces.length > 0
        ? [text(dossierWords.combHoneyPiecesEachLooked({ pieces: file.pieces.length }))]
        : []),
      text(
        dossierWords.signsOfFermentation({
          part:
            seen.length === 0
              ? dossierWords.noneEntered()
              : `${seen.map((value) => SIGN_NAMES[value].toLowerCase()).join(', ')}.`,
        }),
      ),
      text(
        dossierWords.store({
          part:
            storageTemperatureC === null
              ? dossierWords.temperatureNotKnown()
              : `${formatQuantity(storageTemperatureC, 'temperature', preferences)}.`,
        }),
      ),
    ],
  };
}
