import { DigestChain } from './digest';
import { z } from '../zod';

/** The seal of an exported file: it breaks at any later change. */
export const sealSchema = z.object({
  algorithm: z.literal('sha-256-chain'),
  records: z.number().int().min(0),
  head: z.string().regex(/^[0-9a-f]{64}$/),
});
export type Seal = z.infer<typeof sealSchema>;

/** What a file is besides its records; bound into the chain as its start. */
interface SealedHead {
  readonly format?: unknown;
  readonly formatVersion?: unknown;
  readonly exportedAt?: unknown;
}

/** Makes the seal of a file, record by record. */
export class SealWriter {
  private readonly chain: DigestChain;
  private records = 0;

  constructor({ format, formatVersion, exportedAt }: SealedHead) {
    this.chain = new DigestChain(JSON.stringify([format, formatVersion, exportedAt]));
  }

  /** @param record - as it stands in the file, not brought to a newer version */
  add(record: unknown): void {
    this.chain.add(record);
    this.records += 1;
  }

  seal(): Seal {
    return { algorithm: 'sha-256-chain', records: this.records, head: this.chain.head() };
  }

  /** Whether a seal that was read is the one of these records. */
  agreesWith(seal: unknown): boolean {
    const parsed = sealSchema.safeParse(seal);
    const { records, head } = this.seal();
    return parsed.success && parsed.data.records === records && parsed.data.head === head;
  }
}
