import { itemOf, withQuantity, termKeyBuilder, type Item } from './index.js';

const whole: Item = {
  stage: 'hanging',
  term: 'item.butt',
  written: undefined,
  quantity: 3,
  unit: 'pair',
  height: 1,
  width: 2,
  length: 3,
  size: 's',
  traits: ['metal.brass'],
  finish: 'f',
  standard: 'st',
  product: 'p',
  handed: true,
};

describe('a thing of the set', () => {
  it('has every field whether or not it is said, in one order', () => {
    const { stage: _, term: __, quantity: ___, ...more } = whole;
    expect(itemOf('hanging', 'item.butt', 3, more)).toEqual(whole);
    expect(itemOf('closing', 'item.selector', 2)).toEqual({
      stage: 'closing',
      term: 'item.selector',
      quantity: 2,
      unit: 'each',
      traits: [],
      handed: false,
    });
    const orders = [itemOf('closing', 'item.selector', 2), itemOf('closing', undefined, 1, more)];
    for (const item of orders) expect(Object.keys(item)).toEqual(Object.keys(whole));
  });

  it('so many times is the same thing otherwise', () => {
    expect(withQuantity(whole, 2)).toEqual({ ...whole, quantity: 2 });
    expect(withQuantity(whole, 1, ['trait.electric'])).toEqual({
      ...whole,
      quantity: 1,
      traits: ['trait.electric'],
    });
    expect(Object.keys(withQuantity(whole, 2))).toEqual(Object.keys(whole));
  });

  it('is named by a group and a word, put together once', () => {
    const lock = termKeyBuilder('item.lock.');
    expect([lock('mortise'), lock('rim'), lock('mortise')]).toEqual([
      'item.lock.mortise',
      'item.lock.rim',
      'item.lock.mortise',
    ]);
    const many = Array.from({ length: 1200 }, (_, at) => lock(`w${at}`));
    expect(many.at(-1)).toBe('item.lock.w1199');
    expect(lock('w1199')).toBe('item.lock.w1199');
  });
});
