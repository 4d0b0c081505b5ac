import type { ReactElement } from 'react';
import type { RuledLot } from '../../../model';
import { colourWords } from '../../format/colour';
import { INPUT } from '../../ui/classes';
import { LooseField } from '../../ui/fields/LooseField';
import { PlainTable } from '../../ui/PlainTable';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { answerFigure } from '../../words/phrasing';
import { FAULT_NAMES } from '../../words/sensesWords';
import { commonWords } from '../../words/english/common';
import { jarCareWords } from '../../words/english/jarCare';
import { tastesWords } from '../../words/english/tastes';
import type { useSideBySideController } from './useSideBySideController';

type Controller = ReturnType<typeof useSideBySideController>;

const nameOf = ({ file }: RuledLot): string =>
  file.lot.content.name || commonWords.lot({ code: file.lot.content.code });

/** What is known of one lot, in the order of the rows. */
function columnOf(lot: RuledLot): string[] {
  const { file, ruling } = lot;
  const colour = file.colours.at(-1);
  const senses = file.senses.at(-1)?.content;
  const pollen = [...(file.labReports.at(-1)?.content.pollen ?? [])].sort(
    (a, b) => b.percent - a.percent,
  )[0];
  const listed = (words: readonly string[]): string => words.join(', ') || jarCareWords.noneFound();
  return [
    file.lot.content.plant || '–',
    colour ? colourWords(colour.content) : jarCareWords.notMeasured(),
    ruling.belief.measured === null ? jarCareWords.notMeasured() : `${answerFigure(ruling)} %`,
    senses ? listed(senses.notes.map(({ note }) => tastesWords[note]())) : jarCareWords.notTasted(),
    senses ? listed(senses.faults.map((fault) => FAULT_NAMES[fault])) : jarCareWords.notTasted(),
    pollen ? `${pollen.plant}, ${Math.round(pollen.percent)} %` : jarCareWords.noReport(),
  ];
}

const ROWS = [
  jarCareWords.plantRow(),
  jarCareWords.colourRow(),
  jarCareWords.waterRow(),
  jarCareWords.notesRow(),
  jarCareWords.faultsRow(),
  jarCareWords.pollenRow(),
];

interface LotChoiceProps {
  label: string;
  value: string;
  lots: readonly RuledLot[];
  onChoose: (id: string) => void;
}

function LotChoice({ label, value, lots, onChoose }: LotChoiceProps): ReactElement {
  return (
    <label className="text-base font-semibold">
      {label}
      <select className={INPUT} value={value} onChange={(event) => onChoose(event.target.value)}>
        <option value="">–</option>
        {lots.map((lot) => (
          <option key={lot.file.lot.entityId} value={lot.file.lot.entityId}>
            {nameOf(lot)}
          </option>
        ))}
      </select>
    </label>
  );
}

function Triangle({ tasters, setTasters, right, setRight, triangle }: Controller): ReactElement {
  const wrong = (at: string): string =>
    triangle.status === 'wrong' && triangle.at === at ? triangle.sentence : '';
  return (
    <SheetSection id="triangle" title={jarCareWords.triangle()}>
      <p className="text-lg">{jarCareWords.triangleHow()}</p>
      <div className="mt-3 grid grid-cols-2 gap-4">
        <LooseField
          label={jarCareWords.tasters()}
          value={tasters}
          onType={setTasters}
          wrong={wrong('tasters')}
        />
        <LooseField
          label={jarCareWords.rightOnes()}
          value={right}
          onType={setRight}
          wrong={wrong('right')}
        />
      </div>
      {triangle.status === 'found' && (
        <div aria-live="polite" className="mt-3 border-l-8 border-lavender pl-4">
          <p className="text-2xl leading-tight font-bold">
            {triangle.toldApart
              ? jarCareWords.toldApart()
              : triangle.needed === null
                ? jarCareWords.notEnoughTasters()
                : jarCareWords.notToldApart({ needed: triangle.needed, tasters: triangle.people })}
          </p>
          <p className="mt-1 text-lg">
            {jarCareWords.byLuck({ percent: (100 * triangle.chance).toFixed(1) })}
          </p>
        </div>
      )}
    </SheetSection>
  );
}

/** Two honeys side by side: what is known of each, and whether people can tell them apart. */
export function SideBySideView(props: Controller): ReactElement {
  const { ruled, first, setFirst, second, setSecond, pair } = props;
  const [one, two] = pair;
  const columns = one && two ? [columnOf(one), columnOf(two)] : null;
  return (
    <>
      <PageHead
        over={commonWords.store()}
        title={jarCareWords.sideBySide()}
        lead={jarCareWords.sideLead()}
      />
      <Columns share="main-first">
        <div>
          <div className="grid gap-4 sm:grid-cols-2">
            <LotChoice
              label={jarCareWords.firstHoney()}
              value={first}
              lots={ruled}
              onChoose={setFirst}
            />
            <LotChoice
              label={jarCareWords.secondHoney()}
              value={second}
              lots={ruled}
              onChoose={setSecond}
            />
          </div>
          {one && two && columns ? (
            <>
              <div className="mt-4">
                <PlainTable
                  label={jarCareWords.sideBySide()}
                  head={[jarCareWords.compared(), nameOf(one), nameOf(two)]}
                  rows={ROWS.map((row, at) => [
                    row,
                    columns[0]?.[at] ?? '',
                    columns[1]?.[at] ?? '',
                  ])}
                />
              </div>
              <div className="mt-3 flex flex-wrap gap-3">
                {[one, two].map((lot) => (
                  <PageLink
                    key={lot.file.lot.entityId}
                    to={`bench/${lot.file.lot.entityId}/quality`}
                  >
                    {jarCareWords.tasteIt({ name: nameOf(lot) })}
                  </PageLink>
                ))}
              </div>
            </>
          ) : (
            <p className="mt-4 text-lg">{jarCareWords.chooseTwo()}</p>
          )}
        </div>
        <Triangle {...props} />
      </Columns>
    </>
  );
}
