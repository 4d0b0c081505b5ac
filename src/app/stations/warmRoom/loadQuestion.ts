import { TYPICAL_MOISTURE_PERCENT } from '../../../core';
import type { DryingBelief, LoadQuestion } from '../../../core';
import { BOX_TARE_KG, coreBatch, honeyParts, type RoomFile } from '../../../model';
import { type BatchContent } from '../../../records';
import type { AskedRoom } from './roomQuestion';
import { roomWords } from '../../words/english/room';

/** What is played with in the planner. */
export interface WhatIf {
  readonly boxes: number;
  readonly setPointC: number;
  /** of the machine's plate [L/d]; 0: none */
  readonly litres: number;
  /** until all must be dry [d] */
  readonly days: number;
  /** of the air outside, at its mean temperature [%] */
  readonly outsidePercent: number;
}

/** Courses that a plan is tried with. */
const PLAN_DRAWS = 60;

/** How surely all must be dry in time [1]. */
export const PLAN_PROBABILITY = 0.9;

/** A box as most bring it, where none was loaded before. @source common practice, no source */
const USUAL_BOX: BatchContent = {
  name: roomWords.usualBoxes(),
  lotIds: [],
  boxes: 1,
  honeyKgPerBox: 15,
  openShare: 0.33,
  openPercent: 20,
  cappedPercent: TYPICAL_MOISTURE_PERCENT,
  plusMinusPercent: 1,
  temperatureC: null,
  layout: 'crossed',
  inAt: '2026-01-01T00:00:00.000Z',
  outAt: null,
  targetPercent: 17,
  remark: '',
};

/** Boxes like the last that came in, or usual ones. */
export function boxLike({ batches }: RoomFile): BatchContent {
  return batches[batches.length - 1]?.batch.content ?? USUAL_BOX;
}

/** The planner as it stands before anything is moved. */
export function firstWhatIf({ room, batches }: RoomFile): WhatIf {
  const { content } = room;
  const loaded = batches[batches.length - 1]?.batch.content.boxes ?? 20;
  return {
    boxes: Math.min(content.capacityBoxes, loaded),
    setPointC: Math.min(40, Math.max(20, Math.round(content.setPointC))),
    litres: content.machine?.ratedLPerDay ?? 0,
    days: 4,
    outsidePercent: Math.round(100 * content.outside.relativeHumidity),
  };
}

/** The room of the question with what is played with. */
function playedRoom({ present }: AskedRoom, whatIf: WhatIf): AskedRoom['present']['run']['room'] {
  const { room } = present.run;
  if (!room) return room;
  const { dehumidifier } = room.room;
  const outside =
    room.outside.kind === 'daily'
      ? { ...room.outside, relativeHumidity: whatIf.outsidePercent / 100 }
      : room.outside;
  return {
    outside,
    room: {
      ...room.room,
      setPointC: whatIf.setPointC,
      dehumidifier:
        dehumidifier && whatIf.litres > 0 ? { ...dehumidifier, ratedLPerDay: whatIf.litres } : null,
    },
  };
}

interface LoadContext {
  readonly file: RoomFile;
  readonly asked: AskedRoom;
  readonly belief: DryingBelief;
}

/** The planner's question: the room as it is played with, boxes like the last, from now to the deadline. */
export function loadQuestion({ file, asked, belief }: LoadContext, whatIf: WhatIf): LoadQuestion {
  const { present } = asked;
  const like = boxLike(file);
  const { outside } = file.room.content;
  const end = present.nowDay + whatIf.days;
  const inside = present.run.reportDays.filter((reportDay) => reportDay < end);
  const one = coreBatch('load', like, present.zeroMs, outside.meanC);
  return {
    task: {
      run: { ...present.run, room: playedRoom(asked, whatIf), reportDays: [...inside, end] },
      belief,
      targets: present.targets,
    },
    box: honeyParts(like, 1),
    temperatureC: one.temperatureC,
    airFactor: one.airFactor,
    tareKg: BOX_TARE_KG,
    inDay: present.nowDay,
    targetPercent: like.targetPercent,
    startSpreadPercent: like.plusMinusPercent / 2,
    probability: PLAN_PROBABILITY,
    mostBoxes: file.room.content.capacityBoxes,
    draws: PLAN_DRAWS,
  };
}
