import { say, type Message } from '../../core';
import type { AppError } from '../../records';

/** A file that holds no text of records; says why. */
export class NotTextError extends Error {
  constructor(readonly says: Message = say('errors.noText')) {
    super(says.key);
  }

  /** The same for whoever asked. */
  asFound(): AppError {
    return { code: 'not-json', message: this.says };
  }
}
