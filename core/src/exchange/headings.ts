import { normaliseText, getOwn } from '../measure/index.js';
import { FIELDS } from '../stageRegistry/index.js';
import { TERMS } from '../phrasing/index.js';
import type { Column } from './factsPatch.js';

/** The same in German. */
const GERMAN: Record<string, Column> = {
  'tür nr': 'mark',
  'tür nr.': 'mark',
  'tür-nr': 'mark',
  'tür-nr.': 'mark',
  türnr: 'mark',
  'türnr.': 'mark',
  türnummer: 'mark',
  'tür-nummer': 'mark',
  tür: 'mark',
  nummer: 'mark',
  pos: 'mark',
  'pos.': 'mark',
  position: 'mark',
  von: 'from',
  'von raum': 'from',
  'raum von': 'from',
  nach: 'to',
  'nach raum': 'to',
  'raum nach': 'to',
  raum: 'to',
  raumbezeichnung: 'to',
  raumname: 'to',
  geschoss: 'storey',
  ebene: 'storey',
  etage: 'storey',
  art: 'kind',
  türart: 'kind',
  türtyp: 'kind',
  typ: 'kind',
  maße: 'size',
  abmessung: 'size',
  abmessungen: 'size',
  größe: 'size',
  türgröße: 'size',
  breite: 'frameWidth',
  b: 'frameWidth',
  höhe: 'frameHeight',
  din: 'hand',
  'din l/r': 'hand',
  'din-richtung': 'hand',
  anschlag: 'hand',
  anschlagrichtung: 'hand',
  öffnungsrichtung: 'hand',
  brandschutz: 'rating',
  brandschutzanforderung: 'rating',
  feuerschutz: 'rating',
  feuerwiderstand: 'rating',
  zarge: 'frameMaterial',
  'material zarge': 'frameMaterial',
  rahmen: 'frameMaterial',
  blatt: 'leafConstruction',
  türblatt: 'leafConstruction',
  'material türblatt': 'leafConstruction',
  schallschutz: 'sound',
  rauchschutz: 'smoke',
  oberfläche: 'finish',
  bemerkung: 'note',
  bemerkungen: 'note',
  hinweis: 'note',
  hinweise: 'note',
};

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
  role: 'role',
  'door use': 'role',
  'door function': 'role',
  purpose: 'role',
  size: 'size',
  'w x h': 'size',
  'door size': 'size',
  'opening size': 'size',
  'nominal size': 'size',
  'size (w x h)': 'size',
  'leaf size': 'size',
  'structural opening': 'wallSize',
  'structural opening size': 'wallSize',
  'structural opening (w x h)': 'wallSize',
  's/o': 'wallSize',
  's.o.': 'wallSize',
  so: 'wallSize',
  'so size': 'wallSize',
  'rough opening': 'wallSize',
  'r.o.': 'wallSize',
  'wall opening': 'wallSize',
  rohbauöffnung: 'wallSize',
  rohbaumaß: 'wallSize',
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
  'fd rating': 'rating',
  'fire class': 'rating',
  'door leaf': 'leafConstruction',
  'leaf type': 'leafConstruction',
  'frame mat.': 'frameMaterial',
  'door mat.': 'leafConstruction',
  'door mat': 'leafConstruction',
  'frame mat': 'frameMaterial',
  'frame matl': 'frameMaterial',
  'door matl': 'leafConstruction',
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
  'door #': 'mark',
  '#': 'mark',
  item: 'mark',
  'dr no': 'mark',
  'dr no.': 'mark',
  'dr. no.': 'mark',
  location: 'to',
  'room served': 'to',
  ht: 'frameHeight',
  'ht.': 'frameHeight',
  t: 'leafThickness',
  thick: 'leafThickness',
  core: 'leafConstruction',
  'leaf core': 'leafConstruction',
  'door core': 'leafConstruction',
  matl: 'leafConstruction',
  'matl.': 'leafConstruction',
  mtl: 'leafConstruction',
  mat: 'leafConstruction',
  'mat.': 'leafConstruction',
  'frame mtl': 'frameMaterial',
  'door mtl': 'leafConstruction',
  lbl: 'rating',
  'fire lbl': 'rating',
  'fire rated': 'rating',
  'fire rtg': 'rating',
  'fire rtg.': 'rating',
  rtg: 'rating',
  frl: 'rating',
  'hardware notes': 'note',
  'hardware remarks': 'note',
  'hdwe remarks': 'note',
  ...GERMAN,
};

/** A heading's claim on a column: by the fact's own name, or only by a word that is used for it. */
export interface Claim {
  column: Column;
  exact: boolean;
}

/** The column a heading names, by the trade's usual words or by the fact's own name. */
export function columnNamed(heading: string): Column | undefined {
  return columnClaim(heading)?.column;
}

/**
 * The same with how strong the claim is.
 *
 * @param byLeaf whether sizes of doors are named by the leaf, as the practice has it
 */
export function columnClaim(heading: string, byLeaf = false): Claim | undefined {
  const clean = normaliseText(heading)
    .replace(/\s*[[(](mm|cm|m|in|inch|inches|min|mins|minutes)[\])]\s*$/, '')
    .replace(/[:*]+$/, '')
    .trim();
  // Under a group its own name may say it alone: “DOOR HT”, “LEAF W”.
  const [, group, name] = /^(doors?|leaf|opening) (.+)$/.exec(clean) ?? [];
  const claim = claimOn(clean) ?? (name ? claimOn(name) : undefined);
  const column =
    group === 'leaf' || (group?.startsWith('door') && byLeaf)
      ? getOwn(OF_LEAF, claim?.column ?? '')
      : undefined;
  return claim && column ? { ...claim, column } : claim;
}

const OF_LEAF: Readonly<Record<string, Column>> = {
  frameWidth: 'leafWidth',
  frameHeight: 'leafHeight',
};

function claimOn(clean: string): Claim | undefined {
  const composite = Object.keys(COMPOSITE).find((name) => normaliseText(name) === clean);
  if (composite) return { column: composite, exact: true };
  const field = FIELDS.find(
    (candidate) =>
      candidate.name.toLowerCase() === clean.replace(/ /g, '') ||
      normaliseText(TERMS[`fact.${candidate.name}`] ?? '') === clean,
  );
  if (field) return { column: field.name, exact: true };
  const alias = getOwn(ALIASES, clean);
  return alias ? { column: alias, exact: false } : undefined;
}

/** Columns whose cells set several facts, with the facts. */
export const COMPOSITE: Readonly<Record<string, readonly string[]>> = {
  size: ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight', 'leafThickness'],
  wallSize: ['wallWidth', 'wallHeight'],
  hand: ['hingeSide', 'swing', 'active', 'observations'],
};

/** The facts a column sets. */
export function factsOfColumn(column: Column | ''): readonly string[] {
  return getOwn(COMPOSITE, column) ?? (column === '' ? [] : [column]);
}

/** Columns that were given to a field; a fact is set by one column only. */
export class TakenColumns {
  private readonly facts = new Set<string>();

  /** Takes a column, unless another sets one of its facts already. */
  take(column: Column): boolean {
    if (this.has(column)) return false;
    for (const fact of factsOfColumn(column)) this.facts.add(fact);
    return true;
  }

  has(column: Column): boolean {
    return factsOfColumn(column).some((fact) => this.facts.has(fact));
  }
}

/** Cells that may well be the marks of doors: short, and hardly one twice. */
export function looksLikeMarks(cells: readonly string[]): boolean {
  const distinct = new Set(cells.map(normaliseText));
  return distinct.size > cells.length * 0.95 && cells.every((cell) => /^\S{1,12}$/.test(cell));
}
