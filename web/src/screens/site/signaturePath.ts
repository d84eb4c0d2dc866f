import { MAX_SIGNATURE } from '@riegel/core';

/** Points as one path; thinned until it is small enough to be kept. */
export function pathOf(groups: readonly { points: readonly { x: number; y: number }[] }[]): string {
  for (let every = 1; ; every++) {
    const path = groups
      .map(({ points }) =>
        points
          .filter((_, at) => at % every === 0 || at === points.length - 1)
          .map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${Math.round(x)} ${Math.round(y)}`)
          .join(''),
      )
      .join('');
    if (path.length <= MAX_SIGNATURE || every > 64) return path;
  }
}
