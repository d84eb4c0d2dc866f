export { ROLE, ROLES, standsInTheOpen, type Role } from './list.js';
export { inPractice, type RoleRecord, type Varies } from './role.js';
export { answers, ROLE_TABLES } from './tables.js';
export { roleWords } from './words.js';
