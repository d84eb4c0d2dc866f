/** What is said of the finishing. */
export const FINISHING_MESSAGES = {
  'ask.finish': 'Which finish shall be seen?',
  'finishing.read': '{text} is {appearance}.',
  'finishing.unread': 'No listed appearance: taken as it is written, on every item.',
  'finishing.code': '{appearance} on {metal} ({source}).',
  'finishing.words': '{appearance} on {metal}.',
  'finishing.near': '{wanted} is not made on {metal}: {appearance} looks nearest.',
  'finishing.none':
    '{appearance} is not to be had on {metal}: {item}. Choose another, or have it painted.',
  'finishing.wears': 'Oil rubbed finishes wear where they are handled: that is meant so.',
  'finishing.bare': 'Bright brass tarnishes unless it is lacquered, and lacquer wears.',
  'finishing.outside': 'Plated steel rusts outside: {item} in stainless steel.',
  'finishing.corrosion': 'Outside: corrosion resistance of at least grade {grade}.',
  'finishing.salt': 'Salt air: stainless steel of marine grade (316), brass or bronze.',
} as const;

declare module '../model/registry.js' {
  interface Messages extends Readonly<typeof FINISHING_MESSAGES> {}
}
