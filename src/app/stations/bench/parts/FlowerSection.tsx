import type { ReactElement } from 'react';
import { flowerSupport, type FlowerEvidence, type FlowerSupport } from '../../../../core';
import { contentsOf, evidenceFrom, type LotFile } from '../../../../model';
import { colourName } from '../../../format/colour';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useMeters } from '../../../data/useWorkspaceModel';

const VERDICTS: Readonly<Record<FlowerSupport['verdict'], string>> = {
  supported: 'is supported',
  open: 'is open',
  'not-supported': 'is not supported',
};

const SUPPORT = {
  supports: 'speaks for it',
  against: 'speaks against it',
  'not-known': 'not known',
};

const NOTHING: Omit<FlowerEvidence, 'plant'> = {
  pollenPercent: null,
  conductivityMsPerCm: null,
  colour: null,
  tastesTypical: null,
};

function foundWords(flower: FlowerEvidence): readonly [string, string, string] {
  const { pollenPercent, conductivityMsPerCm, colour, tastesTypical } = flower;
  const taste = tastesTypical === null ? '' : tastesTypical ? 'typical' : 'not typical';
  const senses = [colour === null ? '' : colourName(colour), taste].filter((one) => one !== '');
  return [
    pollenPercent === null ? 'not counted' : `${pollenPercent.toFixed(0)} %`,
    conductivityMsPerCm === null ? 'not measured' : `${conductivityMsPerCm.toFixed(2)} mS/cm`,
    senses.length === 0 ? 'nobody said' : senses.join(', '),
  ];
}

function usualWords({ kind }: FlowerSupport): readonly [string, string, string] {
  if (!kind) return ['at least 45 %', 'at most 0.80 mS/cm', 'as those who know it say'];
  const [low, high] = kind.conductivityMsPerCm;
  return [
    kind.leastPollenPercent === null
      ? 'some; few of its grains reach the honey'
      : `at least ${kind.leastPollenPercent} %`,
    `${low.toFixed(2)} to ${high.toFixed(2)} mS/cm`,
    kind.colours.map(colourName).join(', '),
  ];
}

/** Whether the flower's name may stand on the label: pollen, conductivity and senses together. */
export function FlowerSection({ file }: { file: LotFile }): ReactElement {
  const { plant } = file.lot.content;
  const known = evidenceFrom(contentsOf(file), { meters: useMeters() }).flower ?? NOTHING;
  const flower = { ...known, plant };
  const support = flowerSupport(flower);
  const found = foundWords(flower);
  const usual = usualWords(support);
  return (
    <SheetSection id="flower" title="The flower’s name">
      {plant.trim() === '' ? (
        <p className="text-lg">This lot names no flower.</p>
      ) : (
        <>
          <p className="text-2xl font-bold">
            “{plant}” {VERDICTS[support.verdict]}
          </p>
          <PlainTable
            label="What bears on the flower’s name"
            head={['Part', 'Found', 'Usual', 'So it']}
            rows={(['pollen', 'conductivity', 'senses'] as const).map((part, at) => [
              <strong key={part} className="whitespace-nowrap">
                {part}
              </strong>,
              found[at],
              usual[at],
              SUPPORT[support[part]],
            ])}
          />
          <p className="mt-1 text-base text-ink-soft">
            It takes all three. Usual figures after Persano Oddo & Piro (2004), doubtful from
            memory, or common practice; a laboratory for pollen and local rules decide.
          </p>
        </>
      )}
    </SheetSection>
  );
}
