import { useMemo, type ReactElement } from 'react';
import { qrModules, qrPath } from '../../../format/qrModules';

/** Free modules around a code: readers look for them. */
const QUIET = 4;

/** A code for a camera, always dark on white, whatever the colours of the screen. */
export function QrCode({ text, label }: { text: string; label: string }): ReactElement {
  const { side, path } = useMemo(() => {
    const modules = qrModules(text, 'L');
    return { side: modules.size + 2 * QUIET, path: qrPath(modules, QUIET) };
  }, [text]);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${side} ${side}`}
      shapeRendering="crispEdges"
      className="w-full max-w-96 bg-white"
    >
      <rect width={side} height={side} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
