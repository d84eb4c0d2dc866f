/**
 * Abbreviations of door lists, as legends of schedules write them (steel doors and frames after ANSI/SDI 108,
 * timber leaves after AWI and WDMA I.S. 1A). Only what names one construction is read; `WD` or `FLUSH` alone
 * leave the core open and are asked.
 */
export const LEAF_WORDS: Readonly<Record<string, string>> = {
  'hollow-core': 'timber-hollow',
  hc: 'timber-hollow',
  hcw: 'timber-hollow',
  hcwd: 'timber-hollow',
  'hc-wd': 'timber-hollow',
  'solid-core': 'timber-particle',
  'solid-core-wood': 'timber-particle',
  sc: 'timber-particle',
  scw: 'timber-particle',
  scwd: 'timber-particle',
  'sc-wd': 'timber-particle',
  'wd-sc': 'timber-particle',
  'wd/sc': 'timber-particle',
  'particle-core': 'timber-particle',
  'stave-core': 'timber-stave',
  'mineral-core': 'timber-mineral',
  mc: 'timber-mineral',
  'hollow-metal': 'steel-honeycomb-18',
  hm: 'steel-honeycomb-18',
  hmd: 'steel-honeycomb-18',
  'h.m.': 'steel-honeycomb-18',
  stl: 'steel-honeycomb-18',
  steel: 'steel-honeycomb-18',
  aluminium: 'aluminium-narrow',
  aluminum: 'aluminium-narrow',
  al: 'aluminium-narrow',
  alum: 'aluminium-narrow',
  'al/gl': 'aluminium-narrow',
  'alum/gl': 'aluminium-narrow',
  'al-gl': 'aluminium-narrow',
  gl: 'glass',
  'all-glass': 'glass',
};

export const FRAME_WORDS: Readonly<Record<string, string>> = {
  wood: 'timber',
  wd: 'timber',
  wdf: 'timber',
  alum: 'aluminium',
  al: 'aluminium',
  aluminum: 'aluminium',
  'al/gl': 'aluminium',
  'h.m.': 'steel',
  hollow: 'steel',
  hm: 'steel',
  hmf: 'steel',
  stl: 'steel',
  'hollow-metal': 'steel',
  kd: 'steel',
  'kd-hm': 'steel',
  'hm-kd': 'steel',
  'hm-welded': 'steel',
};

/** A steel leaf by the gauge of its sheets, `18 ga`, `16 gauge HM`; undefined for gauges leaves are not made of. */
export function leafOfGauge(word: string): string | undefined {
  const gauge = /^(14|16|18)-?(?:ga\.?|gage|gauge)(?:-(?:hmd?|stl|steel|hollow-metal))?$/.exec(
    word,
  );
  return gauge ? `steel-honeycomb-${gauge[1]}` : undefined;
}
