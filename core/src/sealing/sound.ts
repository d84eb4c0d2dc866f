/** One way that sound takes through a door: an area in m², or a joint by its length in m, with its insulation in dB. */
export interface SoundPath {
  name: string;
  /** m², or m of a joint. */
  extent: number;
  decibels: number;
}

/** What a door lets through, and by which way. */
export interface SoundSum {
  /** dB. */
  total: number;
  /** Each way with its share of what comes through, the greatest first; they add up to 1. */
  shares: { name: string; share: number }[];
}

/**
 * Sound insulation of a door from its leaf and its joints: R = −10 lg( Σ Sᵢ/S · 10^(−Rᵢ/10) + Σ l₀·lⱼ/S ·
 * 10^(−Rⱼ/10) ), l₀ = 1 m (EN ISO 12354-3; joints to the metre).
 *
 * @param area of the whole door in m²
 */
export function soundThrough(area: number, paths: readonly SoundPath[]): SoundSum {
  const through = paths.map(({ name, extent, decibels }) => ({
    name,
    part: (extent / area) * 10 ** (-decibels / 10),
  }));
  const sum = through.reduce((all, { part }) => all + part, 0);
  return {
    total: -10 * Math.log10(sum),
    shares: through
      .map(({ name, part }) => ({ name, share: part / sum }))
      .sort((a, b) => b.share - a.share),
  };
}
