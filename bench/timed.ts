/** How long something takes, many times over, against a target; prints one line. */
export function timed(
  label: string,
  targetMs: number,
  once: (round: number) => void,
  rounds = 2000,
): void {
  for (let round = 0; round < rounds / 10; round += 1) once(round);
  const times = Array.from({ length: rounds }, (_, round) => {
    const start = performance.now();
    once(round);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const median = times[Math.floor(rounds / 2)] ?? NaN;
  const p99 = times[Math.floor(rounds * 0.99)] ?? NaN;
  console.log(
    `${label.padEnd(56)} median ${median.toFixed(3)} ms   p99 ${p99.toFixed(3)} ms   ${(targetMs / median).toFixed(1)} times within ${targetMs} ms at the median, ${(targetMs / p99).toFixed(1)} at the 99th`,
  );
}
