import { normaliseText } from '../measure/index.js';
import { FIELDS } from '../opening/index.js';
import { TERMS } from '../phrasing/index.js';
import type { Column } from './patch.js';

/** Headings as door lists write them, with the column each answers to. */
const ALIASES: Record<string, Column> = {
  no: 'mark',
  'no.': 'mark',
  nr: 'mark',
  number: 'mark',
  'door no': 'mark',
  'door no.': 'mark',
  'door nr': 'mark',
  'door number': 'mark',
  'door mark': 'mark',
  'door id': 'mark',
  'door ref': 'mark',
  ref: 'mark',
  id: 'mark',
  door: 'mark',
  'opening no': 'mark',
  'opening no.': 'mark',
  'opening number': 'mark',
  'from room': 'from',
  'room from': 'from',
  'from space': 'from',
  'to room': 'to',
  'room to': 'to',
  'to space': 'to',
  into: 'to',
  room: 'to',
  'room name': 'to',
  floor: 'storey',
  level: 'storey',
  type: 'kind',
  'door type': 'kind',
  'opening type': 'kind',
  operation: 'kind',
  size: 'size',
  'w x h': 'size',
  'door size': 'size',
  'opening size': 'size',
  'nominal size': 'size',
  'size (w x h)': 'size',
  width: 'frameWidth',
  w: 'frameWidth',
  'opening width': 'frameWidth',
  height: 'frameHeight',
  h: 'frameHeight',
  'opening height': 'frameHeight',
  thickness: 'leafThickness',
  thk: 'leafThickness',
  'door thickness': 'leafThickness',
  hand: 'hand',
  handing: 'hand',
  'door hand': 'hand',
  'door swing': 'hand',
  rating: 'rating',
  fire: 'rating',
  'fire rating': 'rating',
  'fire-rating': 'rating',
  'fire resistance': 'rating',
  'fire label': 'rating',
  label: 'rating',
  frame: 'frameMaterial',
  'frame material': 'frameMaterial',
  'frame type': 'frameMaterial',
  leaf: 'leafConstruction',
  'door material': 'leafConstruction',
  'leaf material': 'leafConstruction',
  'leaf matl.': 'leafConstruction',
  'door matl.': 'leafConstruction',
  'frame matl.': 'frameMaterial',
  'door construction': 'leafConstruction',
  'leaf construction': 'leafConstruction',
  material: 'leafConstruction',
  hinges: 'hingeSide',
  'hinge side': 'hingeSide',
  external: 'exterior',
  access: 'accessible',
  accessible: 'accessible',
  remarks: 'note',
  remark: 'note',
  notes: 'note',
  comments: 'note',
  comment: 'note',
  passages: 'passagesPerDay',
};

/** The column a heading names, by the trade's usual words or by the fact's own name. */
export function columnNamed(heading: string): Column | undefined {
  const clean = normaliseText(heading)
    .replace(/\s*[[(](mm|in|inch|inches|min|mins|minutes)[\])]\s*$/, '')
    .replace(/[:*]+$/, '')
    .trim();
  if (ALIASES[clean]) return ALIASES[clean];
  if (clean === 'size' || clean === 'hand') return clean;
  const field = FIELDS.find(
    (candidate) =>
      candidate.name.toLowerCase() === clean.replace(/ /g, '') ||
      normaliseText(TERMS[`fact.${candidate.name}`] ?? '') === clean,
  );
  return field?.name;
}
