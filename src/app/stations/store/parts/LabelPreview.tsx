import { useMemo, type ReactElement } from 'react';
import type { LabelDesignContent, LotContent, PackingContent } from '../../../../records';
import { jarQrText, labelText, type LabelLine } from '../../../pdf/labelText';
import { qrModules, qrPath } from '../../../format/qrModules';
import { jarsWords } from '../../../words/english/jars';

interface LabelPreviewProps {
  design: LabelDesignContent;
  lot: LotContent;
  packing: PackingContent;
}

/** Pixels to a millimetre on the page; the PDF has the true size. */
const PX_PER_MM = 4;
const WIDEST_PX = 560;

function Lines({ lines, base }: { lines: readonly LabelLine[]; base: number }): ReactElement {
  return (
    <>
      {lines.map((line) => (
        <span
          key={line.text}
          className={`block leading-tight ${line.bold ? 'font-bold' : ''}`}
          style={{ fontSize: base * line.scale }}
        >
          {line.text}
        </span>
      ))}
    </>
  );
}

function Code({ text, side, ink }: { text: string; side: number; ink: string }): ReactElement {
  const modules = useMemo(() => qrModules(text), [text]);
  const path = useMemo(() => qrPath(modules), [modules]);
  return (
    <svg
      aria-hidden
      width={side}
      height={side}
      viewBox={`0 0 ${modules.size} ${modules.size}`}
      className="shrink-0"
    >
      <path d={path} fill={ink} />
    </svg>
  );
}

/** The first label as it will look. */
export function LabelPreview({ design, lot, packing }: LabelPreviewProps): ReactElement {
  const { labelWidthMm, labelHeightMm } = design.sheet;
  const scale = Math.min(PX_PER_MM, WIDEST_PX / labelWidthMm);
  const { front, back } = labelText(design, lot, { ...packing, number: 1 });
  const isStrip = labelWidthMm / labelHeightMm > 3.5;
  // Long lines break once; the PDF fits its letters exactly.
  const lines = isStrip
    ? Math.max(front.length, back.length) + 2
    : front.length + 1.5 * back.length + 2;
  const base = Math.max(6, Math.min(15, (labelHeightMm * scale - 16) / lines / 1.25));
  return (
    <figure className="overflow-x-auto">
      <div
        className="flex justify-between gap-2 overflow-hidden border border-ink p-2"
        style={{
          width: labelWidthMm * scale,
          height: labelHeightMm * scale,
          color: design.ink,
          backgroundColor: design.paper,
        }}
      >
        <div className={isStrip ? 'grid grow grid-cols-2 gap-3' : ''}>
          <div>
            <Lines lines={front} base={base} />
          </div>
          <div>
            <Lines lines={back} base={base} />
          </div>
        </div>
        {design.showQr && (
          <Code
            text={jarQrText(packing.code, 1)}
            side={Math.min(72, labelHeightMm * scale - 18)}
            ink={design.ink}
          />
        )}
      </div>
      <figcaption className="mt-1 text-base">
        {jarsWords.previewOfLabelOfThe({ count: packing.count, labelWidthMm, labelHeightMm })}
      </figcaption>
    </figure>
  );
}
