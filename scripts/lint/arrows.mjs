// Two rules about who may import whom: every import leads to a lower floor, and no files import each other in a circle.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve, sep } from 'node:path';

const TEST = /(\.test\.tsx?$)|(^|\/)testing\//;

/** The file a relative import names, or undefined. */
function fileOf(from, specifier) {
  const named = resolve(dirname(from), specifier.replace(/\?.*$/, ''));
  return [named, named.replace(/\.js$/, '.ts'), named.replace(/\.js$/, '.tsx'), `${named}.ts`].find(
    (path) => existsSync(path) && statSync(path).isFile(),
  );
}

/** Files below a folder, tests and what serves them left out. */
function sourcesOf(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile() && /\.tsx?$/.test(one.name))
    .map((one) => join(one.parentPath, one.name))
    .filter((path) => !TEST.test(relative(folder, path).split(sep).join('/')));
}

/** What a file imports, types too; what is loaded only when it is needed makes no circle. */
const importsOf = (path) =>
  [...readFileSync(path, 'utf8').matchAll(/^(?:import|export)\s[^;]*?from\s*'(\.[^']+)'/gms)]
    .map(([, specifier]) => fileOf(path, specifier))
    .filter(Boolean);

/** The files of a tree that import each other in a circle, each with its circle (Tarjan). */
function circlesOf(folder) {
  const files = sourcesOf(folder);
  const next = new Map(files.map((file) => [file, importsOf(file)]));
  const place = new Map();
  const low = new Map();
  const path = [];
  const found = new Map();
  const visit = (file) => {
    place.set(file, place.size);
    low.set(file, place.get(file));
    path.push(file);
    for (const to of next.get(file) ?? []) {
      if (!place.has(to)) visit(to);
      if (path.includes(to)) low.set(file, Math.min(low.get(file), low.get(to)));
    }
    if (low.get(file) !== place.get(file)) return;
    const circle = path.splice(path.indexOf(file));
    if (circle.length > 1) for (const one of circle) found.set(one, circle);
  };
  for (const file of files) if (!place.has(file)) visit(file);
  return found;
}

const circles = new Map();
/** @returns the circle a file is in, or undefined; a tree is read once a run */
function circleOf(root, file) {
  if (!circles.has(root)) circles.set(root, circlesOf(root));
  return circles.get(root).get(file);
}

/** Every specifier of a file’s imports and exports, with its node. */
const onSpecifiers = (check) => ({
  ImportDeclaration: (node) => check(node.source.value, node),
  ExportNamedDeclaration: (node) => node.source && check(node.source.value, node),
  ExportAllDeclaration: (node) => check(node.source.value, node),
});

const direction = {
  meta: {
    schema: [{ type: 'object' }],
    messages: {
      up: '{{from}} may not read {{to}}, which stands above it (docs/architecture.md).',
      index: 'Import another folder by its index.',
      beside: 'One {{what}} may not read another (docs/architecture.md).',
      unknown: '{{folder}} has no place in the order of {{root}} (eslint.config.js).',
    },
  },
  create(context) {
    const checks = context.options[0].trees.map((tree) => checkOf(context, tree));
    return {
      Program: (node) => checks.forEach(({ start }) => start?.(node)),
      ...onSpecifiers((specifier, node) =>
        checks.forEach((check) => check.specifier?.(specifier, node)),
      ),
    };
  },
};

/** Checks a file against one tree it stands in. */
function checkOf(context, { root, order, byIndex = false, apart }) {
  const base = resolve(root);
  const floorOf = (file) => {
    const [first] = relative(base, file).split(sep);
    return [first, order.indexOf(first)];
  };
  const [from, at] = floorOf(context.filename);
  const report = (node, messageId, data) => context.report({ node, messageId, data });
  if (at < 0) return { start: (node) => report(node, 'unknown', { folder: from, root }) };
  return {
    specifier(specifier, node) {
      if (!specifier.startsWith('.')) return;
      const from_ = context.filename;
      const file = fileOf(from_, specifier) ?? resolve(dirname(from_), specifier);
      if (relative(base, file).startsWith('..')) return;
      const [to, there] = floorOf(file);
      if (to === from) {
        const room = (path) => relative(base, path).split(sep)[1];
        if (apart === from && room(file) !== room(from_))
          report(node, 'beside', { what: apart.replace(/s$/, '') });
      } else if (there > at) report(node, 'up', { from, to });
      else if (byIndex && !/^(\.\.?\/)+[a-zA-Z]+\/index\.js$/.test(specifier))
        report(node, 'index');
    },
  };
}

const circle = {
  meta: {
    schema: [{ type: 'object' }],
    messages: { circle: 'These files import each other in a circle: {{files}}.' },
  },
  create(context) {
    const { root } = context.options[0];
    return {
      Program(node) {
        const found = circleOf(resolve(root), context.filename);
        if (!found) return;
        const files = found.map((file) => relative(resolve(root), file)).join(', ');
        context.report({ node, messageId: 'circle', data: { files } });
      },
    };
  },
};

/** The plug-in for ESLint. */
export const arrows = { rules: { direction, circle } };

/**
 * Configures a tree whose folders stand in an order, the lowest first.
 *
 * @param root the tree, from the repository
 * @param order its folders and top files, the lowest first; throws where it is not just what there is
 * @param more `byIndex` where folders are read by their index only, `apart` a folder whose rooms may not read each
 *   other, `within` the trees this one is a floor of
 */
export function floors(root, order, { within = [], ...more } = {}) {
  const trees = [...within, { root, order, ...more }];
  const there = readdirSync(root, { withFileTypes: true })
    .map(({ name }) => name)
    .filter((name) => !/\.test\.tsx?$|^testing$|^fuzz$|\.css$|^components$/.test(name));
  const wrong = [
    ...there.filter((name) => !order.includes(name)),
    ...order.filter((name) => !there.includes(name)),
  ];
  if (wrong.length > 0)
    throw new Error(`The order of ${root} is not what is there: ${wrong.join(', ')}`);
  return {
    files: [`${root}/**/*.{ts,tsx}`],
    ignores: ['**/*.test.{ts,tsx}', '**/testing/**', '**/fuzz/**'],
    plugins: { arrows },
    rules: {
      'arrows/direction': ['error', { trees }],
      'arrows/circle': ['error', { root }],
    },
  };
}
