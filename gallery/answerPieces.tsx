import type { ReactElement } from 'react';
import { OUTCOMES, isMeasured, type Ruling } from '../src/core';
import { GateFields, GateNote } from '../src/app/gate/GateNote';
import { AnswerSlab } from '../src/app/lot/AnswerSlab';
import { OutcomeMark } from '../src/app/ui/OutcomeMark';
import { PhotoPicture } from '../src/app/ui/PhotoPicture';
import { MoistureRule } from '../src/app/ui/charts/MoistureRule';
import { CombSketch } from '../src/app/ui/comb/CombSketch';
import { RuleStrip } from '../src/app/ui/charts/RuleStrip';
import { OUTCOME_NAMES } from '../src/app/format/moisture';
import { rulingsByOutcome } from './outcomes';
import { Piece } from './Piece';

const RULINGS = rulingsByOutcome();

const ruleOf = (
  belief: { mean: number; standardUncertainty: number } | null,
  guard: number | null,
) => (
  <MoistureRule
    limitPercent={20}
    targetPercent={18}
    guardPercent={guard}
    belief={belief}
    readings={
      guard === null
        ? []
        : [
            { id: 'a', percent: 17.2, plusMinus: 0.4, provisional: false },
            { id: 'b', percent: 17.9, plusMinus: 0.4, provisional: true },
          ]
    }
    label="The moisture rule"
  />
);

const slabs = (ruling: Ruling): Record<string, ReactElement> => ({
  [isMeasured(ruling.belief) ? 'measured' : 'not measured']: (
    <AnswerSlab ruling={ruling} provisional={false} />
  ),
  'with a reading being typed': <AnswerSlab ruling={ruling} provisional />,
});

const WHY = 'The lot has not been signed yet.';

/** A picture of one grey point. */
const GREY =
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AfwD/2Q==';

/** Answers, each outcome of a ruling, gates and drawings. */
export function AnswerPieces(): ReactElement {
  return (
    <>
      <Piece name="OutcomeMark">
        {Object.fromEntries(
          OUTCOMES.map((outcome) => [
            outcome,
            <p key={outcome} className="flex items-center gap-3 text-xl font-bold">
              <OutcomeMark outcome={outcome} className="size-9" /> {OUTCOME_NAMES[outcome]}
            </p>,
          ]),
        )}
      </Piece>
      {OUTCOMES.map((outcome) => {
        const ruling = RULINGS.get(outcome);
        return (
          ruling && (
            <Piece key={outcome} name={`AnswerSlab ${outcome}`}>
              {slabs(ruling)}
            </Piece>
          )
        );
      })}
      <Piece name="GateNote">
        {{
          'for a reason only': (
            <GateNote
              gate={{
                status: 'reason',
                why: WHY,
                outcome: 'accept',
                signed: false,
                asBakers: false,
              }}
            />
          ),
          shut: <GateNote gate={{ status: 'shut', why: WHY, wayOut: 'Keep it apart.' }} />,
          open: <GateFields gate={{ status: 'open' }} />,
        }}
      </Piece>
      <Piece name="MoistureRule">
        {{
          measured: ruleOf({ mean: 17.5, standardUncertainty: 0.2 }, 0.4),
          'not measured': ruleOf({ mean: 18, standardUncertainty: 1.2 }, null),
          'nothing known': ruleOf(null, null),
        }}
      </Piece>
      <Piece name="CombSketch">
        {{
          '8, 9 and 10 tenths capped': (
            <div className="flex gap-2">
              {[8, 9, 10].map((tenths) => (
                <div key={tenths} className="relative h-20 w-28 border-2 border-ink">
                  <CombSketch tenths={tenths} />
                </div>
              ))}
            </div>
          ),
        }}
      </Piece>
      <Piece name="RuleStrip">
        {{
          'in a list': (
            <RuleStrip
              limitPercent={20}
              belief={{ mean: 17.5, standardUncertainty: 0.3 }}
              readings={[17.2, 17.9]}
            />
          ),
        }}
      </Piece>
      <Piece name="PhotoPicture">
        {{
          kept: (
            <PhotoPicture
              record={{ content: { jpegBase64: GREY, width: 1, height: 1 } } as never}
              alt="The scale as read"
              caption="Side A"
            />
          ),
        }}
      </Piece>
    </>
  );
}
