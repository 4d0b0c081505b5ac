import { listeners } from './listenerMiddleware';
import { rivalChosen, type RivalChoice } from './rivalSlice';

/** The next answer of a person who was asked which of two versions is to hold. */
export function nextRivalChoice(): Promise<RivalChoice> {
  return new Promise((resolve) => {
    const stop = listeners.startListening({
      actionCreator: rivalChosen,
      effect: ({ payload }) => {
        stop();
        resolve(payload);
      },
    });
  });
}
