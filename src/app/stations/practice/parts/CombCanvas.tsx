import { useEffect, useRef, useState, type ReactElement } from 'react';
import { cellCentre, combSize, type CombScene, type Raster } from '../../../../core';
import { drawComb } from '../../../../workers/drawingClient';
import { practiceWords } from '../../../words/english/practice';

/** Pixels of a drawn cell: sharp on a phone held close. */
const PIXELS = 14;

interface CombCanvasProps {
  scene: CombScene;
  /** capped cells are marked */
  truth: boolean;
  label: string;
  onDrawn?: () => void;
}

/** Rings around capped cells, over the picture. */
function markTruth(pen: CanvasRenderingContext2D, scene: CombScene): void {
  pen.fillStyle = 'rgba(88, 60, 168, 0.5)';
  pen.strokeStyle = 'rgba(255, 255, 255, 0.9)';
  pen.lineWidth = 1.5;
  pen.beginPath();
  scene.cells.forEach((cell, at) => {
    if (cell !== 'capped') return;
    const { x, y } = cellCentre(at, scene.grid);
    pen.moveTo((x + 0.36) * PIXELS, y * PIXELS);
    pen.arc(x * PIXELS, y * PIXELS, 0.36 * PIXELS, 0, 2 * Math.PI);
  });
  pen.fill();
  pen.stroke();
}

/** A side as it was drawn by the worker; null while it is drawn, or why it was not. */
function useDrawn(scene: CombScene, onDrawn?: () => void) {
  const [drawn, setDrawn] = useState<{ scene: CombScene; raster: Raster | null } | null>(null);
  const heard = useRef(onDrawn);
  useEffect(() => {
    heard.current = onDrawn;
  });
  useEffect(() => {
    let gone = false;
    drawComb(scene, PIXELS)
      .catch(() => null)
      .then((raster) => {
        if (gone) return;
        setDrawn({ scene, raster });
        if (raster) heard.current?.();
      })
      .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [scene]);
  return drawn?.scene === scene ? drawn : null;
}

/** A drawn side of comb, and, once asked, which of its cells are capped. */
export function CombCanvas({ scene, truth, label, onDrawn }: CombCanvasProps): ReactElement {
  const canvas = useRef<HTMLCanvasElement>(null);
  const drawn = useDrawn(scene, onDrawn);
  const size = combSize(scene.grid);
  useEffect(() => {
    const pen = canvas.current?.getContext('2d');
    if (!pen || !drawn?.raster) return;
    const { data, width, height } = drawn.raster;
    pen.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
    if (truth) markTruth(pen, scene);
  }, [drawn, truth, scene]);
  return (
    <>
      <canvas
        ref={canvas}
        role="img"
        aria-label={label}
        width={Math.round(size.width * PIXELS)}
        height={Math.round(size.height * PIXELS)}
        className="block w-full border-2 border-ink bg-linen"
      />
      {!drawn?.raster && (
        <p role="status" className="text-base">
          {drawn ? practiceWords.notDrawn() : practiceWords.drawing()}
        </p>
      )}
    </>
  );
}
