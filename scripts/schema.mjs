// Writes docs/project-file.schema.json from the built core: `npm run schema`.
import { writeFileSync } from 'node:fs';
import prettier from 'prettier';
import { projectFileSchema } from '../core/dist/index.js';

const text = JSON.stringify(projectFileSchema());
const options = {
  parser: 'json',
  ...(await prettier.resolveConfig('docs/project-file.schema.json')),
};
writeFileSync('docs/project-file.schema.json', await prettier.format(text, options));
