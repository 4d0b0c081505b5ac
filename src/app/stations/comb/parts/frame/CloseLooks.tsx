import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { systematicSample } from '../../../../../core';
import { Field } from '../../../../entry/Field';
import { surveyForm, type SurveyForm } from '../../../../forms/hives/surveyForm';
import { frameWords } from '../../../../words/english/frame';

interface CloseLooksProps {
  size: { readonly frames: number; readonly sampleSize: number } | null;
}

/** Which frames to look at closely, and what each showed on its poorer side. */
export function CloseLooks({ size }: CloseLooksProps): ReactElement {
  const { watch } = useFormContext<SurveyForm>();
  const [start, framesPerBox] = watch(['start', 'framesPerBox']);
  if (!size) return <p className="text-lg">{frameWords.firstChooseTheBoxesOr()}</p>;
  const perBox = Number(framesPerBox) || 1;
  const places = systematicSample(size.frames, size.sampleSize, start);
  return (
    <div className="space-y-4">
      <p className="text-base">{frameWords.theseFramesAreSpreadEvenly()}</p>
      <div className="max-w-64">
        <Field of={surveyForm} at="sample" placeholder={String(size.sampleSize)} />
      </div>
      <ul className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
        {places.map((place, at) => (
          <li key={place}>
            <Field
              of={surveyForm}
              at={`looks.${at}`}
              label={frameWords.boxFrame({
                place: Math.floor(place / perBox) + 1,
                place2: (place % perBox) + 1,
              })}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
