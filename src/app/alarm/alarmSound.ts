let context: AudioContext | null = null;

/** A browser lets a page sound only after somebody pressed something: call this from a press. */
export function allowSound(): void {
  context ??= new AudioContext();
  void context.resume();
}

/** Two tones, a fifth apart, half a second long; silent where sound was never allowed. */
export function soundAlarm(): void {
  if (context?.state !== 'running') return;
  const start = context.currentTime;
  [660, 990].forEach((frequency, at) => {
    const [tone, volume] = [context!.createOscillator(), context!.createGain()];
    const from = start + 0.25 * at;
    tone.frequency.value = frequency;
    volume.gain.setValueAtTime(0.3, from);
    volume.gain.exponentialRampToValueAtTime(0.001, from + 0.24);
    tone.connect(volume).connect(context!.destination);
    tone.start(from);
    tone.stop(from + 0.25);
  });
}
