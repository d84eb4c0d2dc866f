import {
  EDGE_ENDS,
  fittingSteps,
  formatLength,
  partsText,
  phraseText,
  preparationOf,
  readingText,
  surveyOf,
  surveyOrder,
  termText,
  unitsOf,
  valueParts,
  type CutPlan,
  type DecidedOpening,
  type EdgeGains,
  type EdgeName,
  type ProjectBasis,
  type Units,
} from '@riegel/core';

const line = (...cells: string[]) => cells.join('\t').trimEnd();

/** Prints what was read of an opening, in the order it is read; what was not stands as a question. */
export function surveyText(decided: DecidedOpening): string[] {
  const { facts } = decided;
  const survey = surveyOf(facts);
  const units = unitsOf(decided);
  if (survey.empty) return ['nothing was read'];
  return surveyOrder(survey.kinds(facts.copyLeaf === true)).map(({ name }) => {
    const reading = survey.held.get(name);
    return line(termText(`reading.${name}`), reading ? readingText(reading, units) : '?');
  });
}

/** Prints the leaf to order, the cuts at both ends of every edge, and what a copied leaf gains on the old one. */
export function cutsText(decided: DecidedOpening): string[] {
  const { fitting } = decided.results.sizing;
  const units = unitsOf(decided);
  if (!fitting) return sizesText(decided, units);
  const size = (width: number, height: number) =>
    `${formatLength(width, units)} × ${formatLength(height, units)}`;
  return fitting.leaves.flatMap(({ order }, at) => {
    const name = fitting.leaves.length === 1 ? 'Leaf' : at === 0 ? 'First leaf' : 'Second leaf';
    if (order.kind === 'as-made')
      return [line(name, 'made to size, not cut', size(order.size.width, order.size.height))];
    const { blank } = order.plan;
    const kind = order.kind === 'stock' ? `stock ${order.name}` : 'made to measure';
    return [
      line(name, kind, size(blank.width, blank.height)),
      ...planText(order.plan, units),
      ...(fitting.copied ? gainsText(fitting.copied.gains, fitting.copied.unread, units) : []),
    ];
  });
}

/** Prints the leaves of an opening where nothing is cut to a frame that stands: they come in their sizes. */
function sizesText({ results }: DecidedOpening, units: Units): string[] {
  const { leaves } = results.sizing;
  const sized = leaves.flatMap(({ id, quantity, width, height }) =>
    width === undefined || height === undefined
      ? []
      : line(
          quantity > 1 ? 'Each leaf' : leaves.length > 1 ? termText(`leaf.${id}`) : 'Leaf',
          'new work: made to size, not cut',
          `${formatLength(width, units)} × ${formatLength(height, units)}`,
        ),
  );
  return sized.length > 0
    ? sized
    : [
        'Neither the frame nor a leaf to be copied is known in width and height: nothing is ordered.',
      ];
}

const planText = ({ cuts }: CutPlan, units: Units): string[] =>
  cuts.map(({ edge, ends, tool, limit }) =>
    line(
      `  ${termText(`edge.${edge}`)}`,
      tool === 'none' ? 'leave it' : tool === 'plane' ? 'plane' : 'saw, then plane',
      ...(tool === 'none'
        ? []
        : ends.map((end, side) => `${EDGE_ENDS[edge][side]} ${formatLength(end, units)}`)),
      tool === 'none'
        ? ''
        : `may lose ${limit === undefined ? 'unknown' : formatLength(limit, { ...units, rounding: 'down' })}`,
    ),
  );

const gainsText = (gains: EdgeGains, unread: readonly EdgeName[], units: Units): string[] =>
  (Object.keys(gains) as EdgeName[]).map((edge) =>
    line(
      `  ${termText(`edge.${edge}`)} against the old leaf`,
      ...(unread.includes(edge)
        ? ['gap not read: as it was']
        : gains[edge].map((gain, side) => {
            const by = Math.round(gain);
            const shown = formatLength(Math.abs(by), units);
            return `${EDGE_ENDS[edge][side]} ${by === 0 ? 'as it was' : by > 0 ? `+${shown}` : `−${shown}`}`;
          })),
    ),
  );

/** Prints the numbers of the workshop: hinges, then lock and strike group by group, then bits and saws. */
export function preparationText(decided: DecidedOpening, basis: ProjectBasis): string[] {
  const units = unitsOf(decided);
  const hinges = decided.decisions
    .filter(
      ({ key, value }) =>
        value && /^hanging\.(positions|recess|recessLeaf|recessFrame|setBack|corner)/.test(key),
    )
    .map(({ stage, name, leaf, value }) =>
      line(
        `  ${termText(`name.${stage}.${name}`)}${leaf && leaf !== 'leaf' ? `, ${termText(`leaf.${leaf}`)}` : ''}`,
        partsText(valueParts(value!, units)),
      ),
    );
  const preparation = preparationOf(decided, basis);
  return [
    ...(hinges.length > 0 ? ['Hinges', ...hinges] : []),
    ...(preparation
      ? [
          ...preparation.groups.flatMap(({ name, lines }) => [
            termText(name),
            ...lines.map((one) =>
              line(
                `  ${termText(one.name)}`,
                one.values.map((value) => partsText(valueParts(value, units))).join(' × '),
              ),
            ),
          ]),
          'Bits and saws',
          ...preparation.bits.map(({ kind, size, makes }) =>
            line(
              `  ${termText(`prepTool.${kind}`)}`,
              formatLength(size, units),
              makes.map((make) => termText(make).split(',')[0]).join('; '),
            ),
          ),
          ...preparation.notes.map((note) => `  ${phraseText(note, units)}`),
        ]
      : []),
  ];
}

/** Prints the work in its order, with the numbers of this opening. */
export function workText(decided: DecidedOpening): string[] {
  const units = unitsOf(decided);
  return fittingSteps(decided).map(({ leaf, say, figures }, at) =>
    line(
      `${at + 1}`,
      `${leaf ? `${termText(leaf)}: ` : ''}${phraseText(say, units)}`,
      figures
        .map(({ name, value }) => `${termText(name)} ${partsText(valueParts(value, units))}`)
        .join('; '),
    ),
  );
}
