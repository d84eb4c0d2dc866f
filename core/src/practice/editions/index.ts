export {
  adoptedCodes,
  areEditions,
  CODES,
  underEditions,
  type AdoptedCode,
  type Editions,
} from './adopted.js';
export { citedAs } from './cite.js';
export { COUNTRY, type Cite, type Code, type Edition } from './edition.js';
