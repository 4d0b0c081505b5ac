import { useId, useState, type ReactElement } from 'react';
import { fillMl, jarPlan, labelWeight } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useDraftText } from '../../../forms/useDraftText';
import { counted } from '../../../format/counted';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Slider } from '../../../ui/fields/Slider';
import { INPUT } from '../../../ui/classes';
import { readJarSizes } from '../jarText';
import { lineWords } from '../../../words/english/line';

interface JarsSectionProps {
  honeyKg: number;
  moisturePercent: number;
}

/** "1 lb 1.6 oz" */
function usWords(netKg: number): string {
  const { ounces, pounds, ouncesOver } = labelWeight(netKg);
  const plain = lineWords.ozOunces({ ounces });
  return pounds === 0
    ? plain
    : lineWords.lbPlainPoundsPart({
        plain,
        pounds,
        part: ouncesOver > 0 ? lineWords.ozOuncesover({ ouncesOver }) : '',
      });
}

/** Containers to jars: how many of each size, what is left, what stands on the label. */
export function JarsSection({ honeyKg, moisturePercent }: JarsSectionProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const { text, type } = useDraftText('jar-sizes', '500 g, 250 g × 20');
  const [warmC, setWarmC] = useState(25);
  const id = useId();
  const typed = readJarSizes(text, { preferences, moisturePercent });
  const plan = typed.ok ? jarPlan(honeyKg, typed.sizes) : null;
  return (
    <SheetSection id="jars" title={lineWords.intoJars()}>
      <label htmlFor={id} className="block text-base font-semibold">
        {lineWords.sizesWithHowManyAt()}
      </label>
      <input
        id={id}
        autoComplete="off"
        className={INPUT}
        value={text}
        onChange={(event) => type(event.target.value)}
        aria-invalid={!typed.ok}
        aria-describedby={typed.ok ? undefined : `${id}-error`}
      />
      {!typed.ok && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-base font-semibold">
          {typed.sentence}
        </p>
      )}
      <div className="mt-3">
        <Slider
          label={lineWords.filledAt()}
          value={warmC}
          range={[15, 45]}
          words={formatQuantity(warmC, 'temperature', preferences, 0)}
          onChange={setWarmC}
        />
      </div>
      {plan && (
        <>
          <p role="status" className="text-3xl leading-tight font-bold">
            {plan.jars
              .map((jar) =>
                counted(
                  jar.count,
                  lineWords.jarOfG({ grams: labelWeight(jar.netKg).grams }),
                  lineWords.jarsOfG({ grams: labelWeight(jar.netKg).grams }),
                ),
              )
              .join(', ')}
          </p>
          <p className="text-lg">
            {lineWords.andOverOf({
              restKg: formatQuantity(plan.restKg, 'mass', preferences, 2),
              honeyKg: formatQuantity(honeyKg, 'mass', preferences),
            })}
          </p>
          <PlainTable
            label={lineWords.forTheLabel()}
            head={[lineWords.jar(), lineWords.netWeightOnTheLabel(), lineWords.holds()]}
            rows={plan.jars.map(({ netKg }) => [
              `${labelWeight(netKg).grams} g`,
              `${labelWeight(netKg).grams} g · ${usWords(netKg)}`,
              lineWords.mlFillml({ fillMl: fillMl(netKg, moisturePercent, warmC).toFixed(0) }),
            ])}
          />
          <p className="mt-2 text-base">{lineWords.ouncesAreRoundedDownSo()}</p>
        </>
      )}
    </SheetSection>
  );
}
