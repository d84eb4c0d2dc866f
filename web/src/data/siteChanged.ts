/** Told to the page by the stream when somebody recorded something in a project. */
export const SITE_CHANGED = 'riegel-site';
