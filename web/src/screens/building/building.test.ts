import { PRACTICES, type Building, type OpeningFacts } from '@riegel/core';
import { elkGraphOf, middleOf, placedOf } from './elkGraph.js';
import { leaves, marksOn, planOf } from './plan.js';

const practice = PRACTICES['us-commercial'];
const building: Building = {
  storeys: ['Ground', 'First'],
  rooms: [
    { name: 'Street', storey: 'Ground', use: 'outdoors' },
    { name: 'Corridor', storey: 'Ground', use: 'corridor' },
    { name: 'Stair', storey: 'First', use: 'stair' },
  ],
};
const opening = (mark: string, from: string, to: string): { id: string; facts: OpeningFacts } => ({
  id: mark,
  facts: { mark, kind: 'single', from, to },
});
const openings = [
  opening('1', 'Street', 'Corridor'),
  opening('2', 'corridor', 'Office 1'),
  opening('3', 'Office 2', 'Corridor'),
  opening('4', 'Corridor', 'Office 3'),
  opening('5', 'Corridor', 'Stair'),
  opening('6', 'Corridor', 'Street'),
  opening('7', 'Corridor', 'Street'),
  opening('8', 'Corridor', 'Corridor'),
];
const plan = planOf(openings, building, practice);
const line = (key: string) => plan.doors.find((doors) => doors.key === key)!;

describe('the plan of a building', () => {
  it('has its rooms and those that openings name, storeys from the top, the openings between two as one line', () => {
    expect(
      plan.storeys.map(({ name, rooms }) => [name, rooms.map(({ room }) => room.name)]),
    ).toEqual([
      ['First', ['Stair']],
      ['Ground', ['Street', 'Corridor']],
      ['', ['Office 1', 'Office 2', 'Office 3']],
    ]);
    expect(plan.byKey.get('office 1')!.listed).toBe(false);
    expect(plan.byKey.get('street')!.listed).toBe(true);
    expect(line('corridor|street').openings.map(({ mark }) => mark)).toEqual(['1', '6', '7']);
    expect(plan.doors).toHaveLength(5);
  });

  it('tells which way people leave by a line, whichever room it was named from', () => {
    expect(leaves(line('corridor|street'))).toBe('on');
    expect(leaves(line('corridor|office 1'))).toBe('back');
    expect(leaves(line('corridor|office 2'))).toBe('back');
    expect(leaves({ ...line('corridor|office 2'), egress: undefined })).toBeUndefined();
  });

  it('names few marks, and counts many', () => {
    expect(marksOn(line('corridor|street'))).toBe('1 +2');
    expect(marksOn(line('corridor|office 1'))).toBe('2');
  });
});

describe('its layout', () => {
  const graph = elkGraphOf(plan);

  it('gives each storey its lines, others to the whole, and turns every second room of a hub', () => {
    const bands = graph.children!;
    expect(bands.map(({ children }) => children!.map(({ id }) => id))).toEqual([
      ['stair'],
      ['street', 'corridor'],
      ['office 1', 'office 2', 'office 3'],
    ]);
    expect(bands[1]!.edges!.map(({ id }) => id)).toEqual(['corridor|street']);
    const across = graph.edges!.filter(({ id }) => id.includes('office'));
    expect(across.map(({ sources }) => sources[0])).toEqual(['office 1', 'corridor', 'office 3']);
  });

  it('puts lines where what they belong to stands', () => {
    const placed = placedOf(
      {
        ...graph,
        width: 500,
        height: 300,
        edges: [],
        children: graph.children!.map((band, at) => ({
          ...band,
          x: 10,
          y: 100 * at,
          width: 400,
          height: 80,
          children: band.children!.map((room) => ({ ...room, x: 5, y: 7 })),
          edges: (band.edges ?? []).map((edge) => ({
            ...edge,
            container: band.id,
            sections: [
              { id: 's', startPoint: { x: 1, y: 2 }, endPoint: { x: 1, y: 42 }, bendPoints: [] },
            ],
          })),
        })),
      },
      plan,
    );
    expect(placed.rooms.get('street')).toMatchObject({ x: 15, y: 107 });
    expect(placed.lines.get('corridor|street')!.points).toEqual([
      { x: 11, y: 102 },
      { x: 11, y: 142 },
    ]);
    expect(placed.bands.map(({ name }) => name)).toEqual(['First', 'Ground', '']);
  });

  it('puts marks on the longest straight piece', () => {
    expect(
      middleOf([
        { x: 0, y: 0 },
        { x: 0, y: 10 },
        { x: 40, y: 10 },
        { x: 40, y: 12 },
      ]),
    ).toMatchObject({ x: 20, y: 10, upright: false });
  });
});
