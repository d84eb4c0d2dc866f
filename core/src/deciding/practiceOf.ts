import { practiceWith, type Product } from '../catalogue/index.js';
import type { Practice } from '../practice/index.js';
import { practiceAsRead, type Survey } from '../survey/index.js';

/** The practice with what was read of the old leaf, and then with what named products measure. */
export function practiceOf(
  usual: Practice,
  named: ReadonlyMap<string, Product>,
  survey: Survey,
): Practice {
  const asRead = survey.empty ? usual : practiceAsRead(usual, survey);
  return named.size === 0 ? asRead : practiceWith(asRead, [...named.values()]);
}
