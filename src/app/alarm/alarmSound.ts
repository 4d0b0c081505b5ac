let context: AudioContext | null = null;

/** A browser lets a page sound only after somebody pressed something: call this from a press. */
export function allowSound(): void {
  context ??= new AudioContext();
  void context.resume();
}

function play(on: AudioContext): void {
  [660, 990].forEach((frequency, at) => {
    const [tone, volume] = [on.createOscillator(), on.createGain()];
    const from = on.currentTime + 0.25 * at;
    tone.frequency.value = frequency;
    volume.gain.setValueAtTime(0.3, from);
    volume.gain.exponentialRampToValueAtTime(0.001, from + 0.24);
    tone.connect(volume).connect(on.destination);
    tone.start(from);
    tone.stop(from + 0.25);
  });
}

/** Two tones, a fifth apart, half a second long; silent where sound was never allowed. */
export function soundAlarm(): void {
  if (context?.state !== 'running') return;
  try {
    play(context);
  } catch {
    // a device that lost its sound must not lose the notice, too
  }
}
