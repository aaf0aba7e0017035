import type { Learnt } from '../core/learn/learnt';
import type { LearntFryer } from '../core/learn/with-learnt';
import type { LearntDrawerFile, LearntFile } from './learnt-schema';

/** What a file says of a fryer or a drawer of it, as the engine takes it. */
function fryerFromFile({ offset_c, heat_transfer, power, places: own }: LearntDrawerFile): LearntFryer {
  return { offset: offset_c, heatTransfer: heat_transfer, power, ...(own ? { places: own } : {}) };
}

/** As the engine takes it. */
export function learntFromFile(file: LearntFile): { learnt: Learnt; drawers: readonly LearntFryer[] | undefined } {
  const { browning, shade, firmness, softening, sugar, spread } = file;
  return {
    learnt: { ...fryerFromFile(file), browning, shade, firmness, softening, sugar, spread },
    drawers: file.drawers?.map(fryerFromFile),
  };
}

const rounded = (value: number) => Number(value.toFixed(4));

function fryerToFile({ offset, heatTransfer, power, places: own }: LearntFryer): LearntDrawerFile {
  return {
    offset_c: rounded(offset),
    heat_transfer: rounded(heatTransfer),
    power: rounded(power),
    ...(own ? { places: own.map(rounded) } : {}),
  };
}

/** As a plan keeps it. @param drawers of each drawer, where there are two */
export function learntToFile(learnt: Learnt, batches: number, drawers?: readonly LearntFryer[]): LearntFile {
  return {
    ...fryerToFile(learnt),
    browning: rounded(learnt.browning),
    shade: rounded(learnt.shade),
    firmness: rounded(learnt.firmness),
    softening: rounded(learnt.softening),
    sugar: rounded(learnt.sugar),
    spread: learnt.spread.map(rounded),
    ...(drawers ? { drawers: drawers.map(fryerToFile) } : {}),
    batches,
  };
}
