import { oneOf } from '../../entry/codecs';

/** `container#item`; empty for the lot as a whole. The record keeps both parts. */
export const vesselField = oneOf('Taken from', '');
