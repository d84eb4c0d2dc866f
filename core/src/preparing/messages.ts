/** What the stage says: reasons, questions, findings. `{name}` is a parameter. */
export const PREPARING_MESSAGES = {
  'preparing.bothFaces': 'Drill cross bores and face holes from both faces.',
  'preparing.boltsInRebate':
    'The bolts are let into the rebate of the inactive leaf, where the active one covers them.',
  'preparing.keepPull':
    'The lock stands on the pull face: pack its keep out, or let it into the trim, until the bolt enters freely with the leaf shut.',
  'preparing.keepPush':
    'The lock stands on the push face: its keep goes onto the stop, marked from the bolt with the leaf shut.',
  'preparing.front':
    'Set the front to the bevel of the edge; the side marked for the free trim faces inside.',
  'preparing.proper':
    'The pocket is in the middle of the leaf proper, {middle} from the pull face, not of the board planted on it.',
  'preparing.marking':
    'Without a sheet at the frame: colour the tip of the thrown bolt, close the leaf against it, then measure from the leaf’s back to the latch’s back.',
  'preparing.below':
    'The latch’s middle is {by} below the lock’s reference: the strike follows the latch.',
  'preparing.oldStrike':
    'The old cut-out in the frame is filled or covered before the new one is cut.',
  'preparing.template': 'Where a product is named, its maker’s template goes before these figures.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof PREPARING_MESSAGES> {}
}
