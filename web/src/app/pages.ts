import { lazyPage } from '../parts/lazyPage.js';
import { loadPaste } from '../screens/register/loadPaste.js';

export const loadProjects = () =>
  import('../screens/projects/ProjectsScreen.js').then((one) => ({ default: one.ProjectsScreen }));
export const loadRegister = lazyPage(
  () => import('../screens/register/RegisterScreen.js'),
  'RegisterScreen',
);
export const loadOpening = lazyPage(() => import('../opening/OpeningFrame.js'), 'OpeningFrame');
export const loadStageLayout = lazyPage(() => import('../opening/StageLayout.js'), 'StageLayout');
export const loadSummary = lazyPage(() => import('../opening/SummaryPage.js'), 'SummaryPage');
export const loadStage = lazyPage(() => import('../opening/StagePage.js'), 'StagePage');
export const loadSurveyList = lazyPage(
  () => import('../screens/survey/SurveyList.js'),
  'SurveyList',
);
export const loadSurvey = lazyPage(
  () => import('../screens/survey/SurveyScreen.js'),
  'SurveyScreen',
);
export const loadSiteList = lazyPage(() => import('../screens/site/SiteList.js'), 'SiteList');
export const loadSite = lazyPage(() => import('../screens/site/SiteScreen.js'), 'SiteScreen');
export const loadPalette = () => import('./Palette.js');

/** The project and its first page. */
export const loadProject = lazyPage(async () => {
  const [shell] = await Promise.all([import('./ProjectShell.js'), loadRegister()]);
  return shell;
}, 'ProjectShell');

/** What is needed where a connection may be lost: brought as soon as the first page stands. */
const ON_SITE = [
  loadOpening,
  loadStageLayout,
  loadSummary,
  loadStage,
  loadSurveyList,
  loadSurvey,
  loadSiteList,
  loadSite,
];

/** Brings pages when the browser has nothing better to do; gives what calls it off. */
function whenIdle(pages: readonly (() => Promise<unknown>)[]): () => void {
  const bring = () => {
    // One that fails now is asked for again when it is opened.
    for (const load of pages) void load().catch(() => undefined);
  };
  // Not every browser tells when it is idle.
  if (!('requestIdleCallback' in window)) {
    const timer = setTimeout(bring, 2000);
    return () => clearTimeout(timer);
  }
  const idle = requestIdleCallback(bring, { timeout: 2000 });
  return () => cancelIdleCallback(idle);
}

/** Effects: from the projects a project is next; in one, what opens above its pages. */
export const bringProjectAhead = () => whenIdle([loadProject]);
export const bringProjectPagesAhead = () => whenIdle([...ON_SITE, loadPalette, loadPaste]);
