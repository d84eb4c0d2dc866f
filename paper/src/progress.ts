/** Told the share that is done, 0 to 1. */
export type Progress = (done: number) => void;
