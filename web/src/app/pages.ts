import { lazyPage } from '../parts/lazyPage.js';
import { loadPaste } from '../screens/register/loadPaste.js';

export const loadProjects = lazyPage(
  () => import('../screens/projects/ProjectsScreen.js'),
  'ProjectsScreen',
);
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

/** What is needed where a connection may be lost: it comes with the project, before anything is shown. */
export const loadProject = lazyPage(async () => {
  const [shell] = await Promise.all([
    import('./ProjectShell.js'),
    loadRegister(),
    loadOpening(),
    loadStageLayout(),
    loadSummary(),
    loadStage(),
    loadSurveyList(),
    loadSurvey(),
    loadSiteList(),
    loadSite(),
  ]);
  return shell;
}, 'ProjectShell');

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
export const bringDialogsAhead = () => whenIdle([loadPalette, loadPaste]);
