import { writeCatalogue, writeList } from '../lists/writeList.js';
import { readFileText } from '../lists/readFile.js';
import { readWrites } from '../openings/readWrites.js';
import { weighPassword } from '../people/weighPassword.js';
import { readPicture } from '../photos/readPicture.js';
import { readProjectFile } from '../projects/readProjectFile.js';
import { writeProjectFile } from '../projects/writeProjectFile.js';
import { makeSchedule, makeSchedulePdf } from '../schedule/makeSchedule.js';

/** Everything that runs in a worker thread: plain data in, plain data out. */
export const JOBS = {
  readWrites,
  readProjectFile,
  writeProjectFile,
  weighPassword,
  schedule: makeSchedule,
  schedulePdf: makeSchedulePdf,
  writeList,
  writeCatalogue,
  readList: readFileText,
  picture: readPicture,
};

export type Jobs = typeof JOBS;
export type JobName = keyof Jobs;
