import type { ReactElement } from 'react';
import { flowerSupport, type FlowerEvidence, type FlowerSupport } from '../../../../core';
import { contentsOf, evidenceFrom, type LotFile } from '../../../../model';
import { colourName } from '../../../format/colour';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useMeters } from '../../../data/useWorkspaceModel';
import { benchWords } from '../../../words/english/bench';
import { commonWords } from '../../../words/english/common';
import { qualityWords } from '../../../words/english/quality';

const VERDICTS: Readonly<Record<FlowerSupport['verdict'], string>> = {
  supported: benchWords.isSupported(),
  open: benchWords.isOpen(),
  'not-supported': benchWords.isNotSupported(),
};

const SUPPORT = {
  supports: benchWords.speaksForIt(),
  against: benchWords.speaksAgainstIt(),
  'not-known': benchWords.notKnown(),
};

const NOTHING: Omit<FlowerEvidence, 'plant'> = {
  pollenPercent: null,
  conductivityMsPerCm: null,
  colour: null,
  tastesTypical: null,
};

function foundWords(flower: FlowerEvidence): readonly [string, string, string] {
  const { pollenPercent, conductivityMsPerCm, colour, tastesTypical } = flower;
  const taste =
    tastesTypical === null ? '' : tastesTypical ? benchWords.typical() : benchWords.notTypical();
  const senses = [colour === null ? '' : colourName(colour), taste].filter((text) => text !== '');
  return [
    pollenPercent === null ? benchWords.notCounted() : `${pollenPercent.toFixed(0)} %`,
    conductivityMsPerCm === null
      ? benchWords.notMeasured()
      : benchWords.mSCm({ conductivityMsPerCm: conductivityMsPerCm.toFixed(2) }),
    senses.length === 0 ? benchWords.notNoted() : senses.join(', '),
  ];
}

function usualWords({ kind }: FlowerSupport): readonly [string, string, string] {
  if (!kind) return [benchWords.atLeast(), benchWords.atMostMsCm(), benchWords.asThoseWhoKnowIt()];
  const [low, high] = kind.conductivityMsPerCm;
  return [
    kind.leastPollenPercent === null
      ? benchWords.someFewOfItsGrains()
      : benchWords.atLeast2({ leastPollenPercent: kind.leastPollenPercent }),
    benchWords.toMsCm({ low: low.toFixed(2), high: high.toFixed(2) }),
    kind.colours.map(colourName).join(', '),
  ];
}

const PART_NAMES = {
  pollen: qualityWords.partPollen(),
  conductivity: qualityWords.partConductivity(),
  senses: qualityWords.partSenses(),
} as const;

/** Whether the flower's name may stand on the label: pollen, conductivity and senses together. */
export function FlowerSection({ file }: { file: LotFile }): ReactElement {
  const { plant } = file.lot.content;
  const known = evidenceFrom(contentsOf(file), { meters: useMeters() }).flower ?? NOTHING;
  const flower = { ...known, plant };
  const support = flowerSupport(flower);
  const found = foundWords(flower);
  const usual = usualWords(support);
  return (
    <SheetSection id="flower" title={benchWords.theNameOfTheFlower()}>
      {plant.trim() === '' ? (
        <p className="text-lg">{benchWords.thisLotNamesNoFlower()}</p>
      ) : (
        <>
          <p className="text-2xl font-bold">
            “{plant}” {VERDICTS[support.verdict]}
          </p>
          <PlainTable
            label={benchWords.evidenceForTheName()}
            head={[
              commonWords.part(),
              commonWords.found(),
              benchWords.usual(),
              benchWords.result(),
            ]}
            rows={(['pollen', 'conductivity', 'senses'] as const).map((part, at) => [
              <strong key={part} className="whitespace-nowrap">
                {PART_NAMES[part]}
              </strong>,
              found[at],
              usual[at],
              SUPPORT[support[part]],
            ])}
          />
          <p className="mt-1 text-base text-ink-soft">{benchWords.allThreeAreNeededUsual()}</p>
        </>
      )}
    </SheetSection>
  );
}
