/** The pages of a project, in the order they stand in its head; the first is its own address. */
export const PROJECT_PAGES = [
  { path: 'overview', name: 'Overview' },
  { path: '', name: 'Register' },
  { path: 'survey', name: 'Survey' },
  { path: 'building', name: 'Building' },
  { path: 'keys', name: 'Keys' },
  { path: 'questions', name: 'Questions' },
  { path: 'findings', name: 'Findings' },
  { path: 'schedule', name: 'Schedule' },
  { path: 'site', name: 'Site' },
  { path: 'library', name: 'Library' },
  { path: 'standards', name: 'Standards' },
  { path: 'people', name: 'People' },
] as const;
