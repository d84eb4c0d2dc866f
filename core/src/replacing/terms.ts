/** The stage’s words: its decisions, facts and their values, its hardware. */
export const REPLACING_TERMS = {
  'stage.replacing': 'Replacing',
  'name.replacing.frame': 'Frame',
  'name.replacing.leaf': 'Leaf',
  'name.replacing.hinges': 'Hinges',
  'name.replacing.lock': 'Lock',
  'name.replacing.strike': 'Strike',
  'name.replacing.closer': 'Closer',
  'strike.bored': 'short strike',
  'strike.mortise': 'full-lip strike',
  'strike.long': 'long strike plate',
  'strike.rim': 'rim strike',
  'strike.rods': 'top strike, floor strike',
  'strike.top-rod': 'top strike',
  'strike.keep': 'catch plate',
  'value.plugLeast': 'Recess left over that wants a plug',
  'value.screwHolesApart': 'New screws clear of old holes from',
} as const;
