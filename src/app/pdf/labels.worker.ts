import { expose } from 'comlink';
import { labelsPdf } from './labelsPdf';

/** Labels are drawn away from the page: some hundred of them take seconds. */
const worker = { labelsPdf };
export type LabelWorker = typeof worker;

expose(worker);
