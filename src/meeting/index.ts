export { codeText, keysOf, newSecret, secretOf } from './code';
export { meet, type House, type MeetingStep, type Parting } from './meeting';
export type { Side } from './parcel';
export { httpPost } from './post';
export { MOST_ROW_BYTES, RowReading, rowOf, type RowSoFar } from './row';
export { MeetingTrouble, type MeetingTroubleCode } from './trouble';
