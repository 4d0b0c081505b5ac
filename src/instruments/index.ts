/** How values of a meter come in; other layers import from here. */
export { type AirEntry, createAirEventPort } from './airPort';
export { createEventSourcePort } from './eventSourcePort';
export { createHandPort, type HandSession } from './handPort';
export { MeterWatch, type MeterView } from './meterWatch';
export type { InstrumentPort } from './port';
export { createScalePort } from './scalePort';
export { createWeatherPort } from './weatherPort';
export { createSerialPort, type SerialLike } from './serialPort';
