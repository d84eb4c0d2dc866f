// Writes server/dist/interface.d.ts from what the built server says of its interface: the types by which
// the web application takes its answers. Part of the server's build.
import { writeFileSync } from 'node:fs';
import openapiTS, { astToString } from 'openapi-typescript';
import ts from 'typescript';
import { CORE_TYPE } from '../server/dist/base/http/shapes.js';
import { interfaceDocument } from '../server/dist/wiring/openApi.js';

const document = await interfaceDocument();
const ofCore = Object.values(document.components.schemas).flatMap((one) => one[CORE_TYPE] ?? []);
const imported = new Set(ofCore.flatMap((type) => type.match(/\b[A-Z]\w+/g)));
imported.delete('Omit');

const nodes = await openapiTS(document, {
  inject: `import type { ${[...imported].sort().join(', ')} } from '@riegel/core';`,
  transform(schema) {
    if (schema[CORE_TYPE]) return ts.factory.createTypeReferenceNode(schema[CORE_TYPE]);
    const anything = schema.type === 'object' && !schema.properties && !schema.patternProperties;
    return anything ? ts.factory.createKeywordTypeNode(ts.SyntaxKind.ObjectKeyword) : undefined;
  },
});
writeFileSync(new URL('../server/dist/interface.d.ts', import.meta.url), astToString(nodes));
