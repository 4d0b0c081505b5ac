/** Why two devices did not meet. */
export type MeetingTroubleCode =
  /** no server answers, or one without a letter box */
  | 'no-letter-box'
  /** the page came without encryption, so that the browser lends no keys */
  | 'not-secure'
  /** nobody came in time, or the code was never shown */
  | 'over'
  /** a third device has the code */
  | 'taken'
  /** too many devices are meeting on this server */
  | 'busy'
  /** a letter is not from whoever has the code */
  | 'not-theirs'
  /** one device is in its own records, the other in the demo season */
  | 'other-workspace';

export class MeetingTrouble extends Error {
  constructor(readonly code: MeetingTroubleCode) {
    super(code);
    this.name = 'MeetingTrouble';
  }
}
