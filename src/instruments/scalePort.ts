import { DAY_MS, type WeighedDay } from '../core';
import { z } from '../records/zod';
import { between } from '../records/fields';
import { dayField } from '../records/moments';

const answerSchema = z.object({
  days: z
    .array(z.object({ day: dayField, massKg: between(3, 400) }))
    .min(1)
    .max(400),
});

/** A scale under a hive, simulated or real, behind one face. */
export interface ScalePort {
  /** weights up to an ISO day; null where it does not answer, or says what no weight is */
  weights(untilDay: string): Promise<readonly WeighedDay[] | null>;
}

/** The hive scale of the server, asked over HTTP. */
export function createScalePort(ask: (path: string) => Promise<Response>): ScalePort {
  return {
    async weights(untilDay) {
      try {
        const answer = await ask(`/api/scale/weights?until=${untilDay}`);
        const read = answerSchema.safeParse(answer.ok ? await answer.json() : null);
        if (!read.success) return null;
        return read.data.days.map(({ day, massKg }) => ({
          day: Math.round(Date.parse(day) / DAY_MS),
          massKg,
        }));
      } catch {
        return null;
      }
    },
  };
}
