import type { DecodeQR } from 'qr/decode.js';
import { useEffect, useRef, useState, type RefObject } from 'react';

/** How far the camera is. */
export type CameraState = 'starting' | 'reading' | 'refused' | 'none';

/** Looked at so often: a row shows each of its codes longer than that [ms]. */
const LOOK_EVERY_MS = 90;

/** No picture is looked at wider than so [px]. */
const MOST_WIDE = 960;

/** Looks at pictures of a camera until it is ended; gives what the codes in them say. */
class Looking {
  private readonly canvas = document.createElement('canvas');
  private timer = 0;

  constructor(
    private readonly video: HTMLVideoElement,
    private readonly decode: DecodeQR,
    private readonly onText: (text: string) => void,
  ) {}

  readonly look = (): void => {
    const text = this.read();
    if (text !== null) this.onText(text);
    this.timer = window.setTimeout(this.look, LOOK_EVERY_MS);
  };

  end(): void {
    window.clearTimeout(this.timer);
  }

  private read(): string | null {
    const { videoWidth, videoHeight } = this.video;
    if (videoWidth === 0) return null;
    const scale = Math.min(1, MOST_WIDE / videoWidth);
    const [width, height] = [Math.round(videoWidth * scale), Math.round(videoHeight * scale)];
    Object.assign(this.canvas, { width, height });
    const context = this.canvas.getContext('2d', { willReadFrequently: true });
    if (!context) return null;
    context.drawImage(this.video, 0, 0, width, height);
    try {
      return this.decode(context.getImageData(0, 0, width, height));
    } catch {
      return null; // no code in this picture
    }
  }
}

const CAMERA = { video: { facingMode: 'environment', width: { ideal: 1280 } }, audio: false };

/** Opens the camera as long as the part is shown, and tells what codes before it say. */
export function useCamera(onText: (text: string) => void): {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly state: CameraState;
} {
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<CameraState>('starting');
  const latest = useRef(onText);
  useEffect(() => {
    latest.current = onText;
  });
  useEffect(() => {
    let isLeft = false;
    let stream: MediaStream | null = null;
    let looking: Looking | null = null;
    const start = async (): Promise<void> => {
      const devices = (navigator as Partial<Navigator>).mediaDevices;
      if (!devices) return setState('none');
      try {
        const [opened, { default: decode }] = await Promise.all([
          devices.getUserMedia(CAMERA),
          import('qr/decode.js'),
        ]);
        stream = opened;
        if (isLeft || !video.current) return stop();
        video.current.srcObject = stream;
        await video.current.play();
        looking = new Looking(video.current, decode, (text) => latest.current(text));
        setState('reading');
        looking.look();
      } catch (error) {
        const isRefused = error instanceof DOMException && error.name === 'NotAllowedError';
        if (!isLeft) setState(isRefused ? 'refused' : 'none');
      }
    };
    const stop = (): void => {
      looking?.end();
      stream?.getTracks().forEach((track) => track.stop());
    };
    void start();
    return () => {
      isLeft = true;
      stop();
    };
  }, []);
  return { video, state };
}
