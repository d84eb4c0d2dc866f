// Makes demo/lists/larkhollow-model.ifc: some openings of the playhouse as an architect's building model has them.
//   npm run demo:data
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readProject, stepText, toMm } from '@riegel/core';

const folder = join(import.meta.dirname, '../demo');
const read = readProject(readFileSync(join(folder, 'larkhollow-playhouse.json'), 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.faults));
const openings = read.project.openings
  .filter(
    ({ kind, frameWidth, frameHeight }) =>
      ['single', 'pair'].includes(kind) && frameWidth && frameHeight,
  )
  .slice(0, 36);

const lines = [];
let last = 0;
const put = (type, ...values) => {
  last += 1;
  lines.push(`#${last}=${type}(${values.join(',')});`);
  return `#${last}`;
};
const guid = (what) =>
  stepText(`0${what.replace(/[^A-Za-z0-9]/g, '')}`.padEnd(22, '0').slice(0, 22));
const real = (value) => (Number.isInteger(value) ? `${value}.` : value.toFixed(3));
const owner = put('IFCOWNERHISTORY', '$', '$', '$', '.ADDED.', '$', '$', '$', '0');
const inch = put('IFCSIUNIT', '*', '.LENGTHUNIT.', '.MILLI.', '.METRE.');
const units = put('IFCUNITASSIGNMENT', `(${inch})`);
put(
  'IFCPROJECT',
  guid('project'),
  owner,
  stepText('Larkhollow Playhouse'),
  '$',
  '$',
  '$',
  '$',
  '$',
  units,
);
const storeys = new Map();
const rooms = new Map();
const named = (map, name, make) => {
  if (!map.has(name)) map.set(name, { id: make(name), doors: [] });
  return map.get(name);
};
const storeyOf = (name) =>
  named(storeys, name, () =>
    put(
      'IFCBUILDINGSTOREY',
      guid(`storey ${name}`),
      owner,
      stepText(name),
      '$',
      '$',
      '$',
      '$',
      '$',
      '.ELEMENT.',
      '0.',
    ),
  );
const roomOf = (name) =>
  named(rooms, name, () =>
    put(
      'IFCSPACE',
      guid(`space ${name}`),
      owner,
      stepText(name),
      '$',
      '$',
      '$',
      '$',
      '$',
      '.ELEMENT.',
      '$',
      '$',
    ),
  );
// Seen from where the leaf swings away: hinges left is a swing to the left.
const operation = ({ kind, hingeSide, swing }) => {
  if (kind === 'pair') return '.DOUBLE_DOOR_SINGLE_SWING.';
  if (!hingeSide || !swing) return '$';
  const left = (hingeSide === 'left') === (swing === 'in');
  return left ? '.SINGLE_SWING_LEFT.' : '.SINGLE_SWING_RIGHT.';
};
for (const facts of openings) {
  const id = put(
    'IFCDOOR',
    guid(`door ${facts.mark}`),
    owner,
    stepText(`Door ${facts.mark}`),
    '$',
    '$',
    '$',
    '$',
    stepText(facts.mark),
    real(toMm(facts.frameHeight)),
    real(toMm(facts.frameWidth)),
    '.DOOR.',
    operation(facts),
    '$',
  );
  if (facts.storey) storeyOf(facts.storey).doors.push(id);
  for (const name of [facts.from, facts.to])
    if (name)
      put(
        'IFCRELSPACEBOUNDARY',
        guid(`boundary ${facts.mark} ${name}`),
        owner,
        '$',
        '$',
        roomOf(name).id,
        id,
        '$',
        '.PHYSICAL.',
        '.INTERNAL.',
      );
  const properties = [
    ...(typeof facts.rating === 'number' && facts.rating > 0
      ? [
          put(
            'IFCPROPERTYSINGLEVALUE',
            stepText('FireRating'),
            '$',
            `IFCLABEL(${stepText(`${facts.rating} min`)})`,
            '$',
          ),
        ]
      : []),
    put(
      'IFCPROPERTYSINGLEVALUE',
      stepText('IsExternal'),
      '$',
      `IFCBOOLEAN(${facts.exterior === true ? '.T.' : '.F.'})`,
      '$',
    ),
  ];
  const set = put(
    'IFCPROPERTYSET',
    guid(`set ${facts.mark}`),
    owner,
    stepText('Pset_DoorCommon'),
    '$',
    `(${properties.join(',')})`,
  );
  put('IFCRELDEFINESBYPROPERTIES', guid(`rel ${facts.mark}`), owner, '$', '$', `(${id})`, set);
}
for (const [name, { id, doors }] of storeys)
  put(
    'IFCRELCONTAINEDINSPATIALSTRUCTURE',
    guid(`contained ${name}`),
    owner,
    '$',
    '$',
    `(${doors.join(',')})`,
    id,
  );

writeFileSync(
  join(folder, 'lists/larkhollow-model.ifc'),
  `ISO-10303-21;
HEADER;
FILE_DESCRIPTION(('ViewDefinition [ReferenceView]'),'2;1');
FILE_NAME('larkhollow-model.ifc','2026-01-02T00:00:00',(''),(''),'','','');
FILE_SCHEMA(('IFC4'));
ENDSEC;
DATA;
${lines.join('\n')}
ENDSEC;
END-ISO-10303-21;
`,
);
