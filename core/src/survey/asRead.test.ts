import { mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { readings } from '../testing/readings.js';
import { practiceAsRead, Survey } from './index.js';

const read = (values: Record<string, number | string>) =>
  practiceAsRead(PRACTICES.british, new Survey(readings(values))).values;
const usual = PRACTICES.british.values;

describe('what was read of the old leaf', () => {
  it('stands in the place of the usual figures, with where it is from', () => {
    const values = read({ hingeSetBack: mm(5), hingeCorner: 'quarter' });
    expect([values.setBack.value, values.setBackThick.value]).toEqual([mm(5), mm(5)]);
    expect(values.corner).toMatchObject({
      value: 'round-quarter',
      source: 'as read on the old leaf',
    });
    expect(values.bodies).toBe(usual.bodies);
    expect(PRACTICES.british.values.setBack.value).not.toBe(mm(5));
  });
  it('takes what is no larger than a bore for one, and more for the height of a case', () => {
    const bore = read({ lockCase: mm(70) }).bodies.value;
    expect([bore.lockBore.across, bore.lockBore.up]).toEqual([mm(70), mm(70)]);
    expect(bore.sashCase).toEqual(usual.bodies.value.sashCase);
    const high = read({ lockCase: mm(152) }).bodies.value;
    expect(high.lockBore).toEqual(usual.bodies.value.lockBore);
    expect([high.sashCase.up, high.deadCase.up, high.profileCase.up]).toEqual([
      mm(152),
      mm(152),
      mm(152),
    ]);
    expect(high.sashCase.across).toBe(usual.bodies.value.sashCase.across);
  });
  it('changes nothing that was not read', () => {
    expect(practiceAsRead(PRACTICES.british, new Survey(readings({ backset: mm(44) })))).toBe(
      PRACTICES.british,
    );
  });
});
