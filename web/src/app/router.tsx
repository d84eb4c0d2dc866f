import { lazy } from 'react';
import {
  createBrowserRouter,
  Link,
  redirect,
  useRouteError,
  type LoaderFunctionArgs,
} from 'react-router';
import { SIDE_PAGES } from '../stage/sidePages.js';
import { lazyPage } from '../parts/lazyPage.js';
import { Message, Waiting } from '../parts/Message.js';
import {
  loadOpening,
  loadProject,
  loadProjects,
  loadRegister,
  loadSite,
  loadSiteList,
  loadStage,
  loadStageLayout,
  loadSummary,
  loadSurvey,
  loadSurveyList,
} from './pages.js';
import { Shell } from './Shell.js';

const Projects = lazy(loadProjects);

function NotFound() {
  return (
    <Message
      title="There is no page here"
      actions={
        <Link className="button primary" to="/">
          To the projects
        </Link>
      }
    >
      The address may be mistyped, or what stood here was deleted.
    </Message>
  );
}

function Broken() {
  const error = useRouteError();
  return (
    <Message
      title="This page broke"
      actions={
        <button className="button primary" onClick={() => window.location.reload()}>
          Load it again
        </button>
      }
    >
      Nothing you entered is lost: it is kept on this device until it is saved.{' '}
      {error instanceof Error ? error.message : ''}
    </Message>
  );
}

/** Addresses from when every page of an opening stood by itself: printed codes and bookmarks hold for ever. */
const MOVED = [...SIDE_PAGES.map(({ path }) => path), 'hanging', 'securing'].map((path) => ({
  path: `${path}/:openingId`,
  loader: ({ params }: LoaderFunctionArgs) =>
    redirect(`/projects/${params['projectId']}/openings/${params['openingId']}/${path}`),
}));

// A page that breaks is said where it stood: its head and the others stay.
// Every page comes when it is opened, those for the site with the project (`pages.ts`).
export const router = createBrowserRouter([
  {
    path: '/welcome',
    lazy: lazyPage(() => import('../screens/signIn/WelcomeScreen.js'), 'WelcomeScreen'),
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
  },
  {
    path: '/reset',
    lazy: lazyPage(() => import('../screens/signIn/ResetScreen.js'), 'ResetScreen'),
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
  },
  {
    path: '/learn',
    lazy: lazyPage(() => import('../screens/learn/LearnScreen.js'), 'LearnScreen'),
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
  },
  {
    path: '/shared',
    lazy: lazyPage(() => import('../screens/shared/SharedScreen.js'), 'SharedScreen'),
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
  },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
    children: [
      // Brought only once somebody is signed in: the sign-in page waits for nothing of the core.
      { index: true, Component: Projects, errorElement: <Broken /> },
      {
        path: 'due',
        errorElement: <Broken />,
        lazy: lazyPage(() => import('../screens/due/DueScreen.js'), 'DueScreen'),
      },
      {
        path: 'account',
        errorElement: <Broken />,
        lazy: lazyPage(() => import('../screens/account/AccountScreen.js'), 'AccountScreen'),
      },
      {
        path: 'installation',
        errorElement: <Broken />,
        lazy: lazyPage(
          () => import('../screens/installation/InstallationScreen.js'),
          'InstallationScreen',
        ),
        children: [
          {
            index: true,
            lazy: lazyPage(
              () => import('../screens/installation/EverybodyPane.js'),
              'EverybodyPane',
            ),
          },
          {
            path: 'audit',
            lazy: () =>
              import('../parts/AuditPane.js').then((page) => ({
                element: <page.AuditPane />,
              })),
          },
          {
            path: 'mail',
            lazy: lazyPage(() => import('../screens/installation/MailPane.js'), 'MailPane'),
          },
        ],
      },
      {
        path: 'projects/:projectId',
        lazy: loadProject,
        children: [
          { index: true, lazy: loadRegister, errorElement: <Broken /> },
          {
            path: 'openings/:openingId',
            lazy: loadOpening,
            errorElement: <Broken />,
            children: [
              {
                lazy: loadStageLayout,
                children: [
                  { index: true, lazy: loadSummary, errorElement: <Broken /> },
                  { path: ':stage', lazy: loadStage, errorElement: <Broken /> },
                ],
              },
              { path: 'survey', lazy: loadSurvey, errorElement: <Broken /> },
              { path: 'site', lazy: loadSite, errorElement: <Broken /> },
              {
                path: 'replacement',
                errorElement: <Broken />,
                lazy: lazyPage(
                  () => import('../screens/replacement/ReplacementScreen.js'),
                  'ReplacementScreen',
                ),
              },
              {
                path: 'preparation',
                errorElement: <Broken />,
                lazy: lazyPage(
                  () => import('../screens/preparation/PreparationScreen.js'),
                  'PreparationScreen',
                ),
              },
              {
                path: 'alternatives',
                errorElement: <Broken />,
                lazy: lazyPage(
                  () => import('../screens/alternatives/AlternativesScreen.js'),
                  'AlternativesScreen',
                ),
              },
            ],
          },
          ...MOVED,
          {
            path: 'import',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/import/ImportScreen.js'), 'ImportScreen'),
          },
          {
            path: 'building',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/building/BuildingScreen.js'), 'BuildingScreen'),
          },
          { path: 'survey', lazy: loadSurveyList, errorElement: <Broken /> },
          { path: 'site', lazy: loadSiteList, errorElement: <Broken /> },
          {
            path: 'overview',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/overview/OverviewScreen.js'), 'OverviewScreen'),
          },
          {
            path: 'questions',
            errorElement: <Broken />,
            lazy: lazyPage(
              () => import('../screens/questions/QuestionsScreen.js'),
              'QuestionsScreen',
            ),
          },
          {
            path: 'findings',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/findings/FindingsScreen.js'), 'FindingsScreen'),
          },
          {
            path: 'keys',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/keying/KeyingScreen.js'), 'KeyingScreen'),
          },
          {
            path: 'library',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/library/LibraryScreen.js'), 'LibraryScreen'),
          },
          {
            path: 'practices',
            loader: ({ params }: LoaderFunctionArgs) =>
              redirect(`/projects/${params['projectId']}/standards`),
          },
          {
            path: 'standards',
            errorElement: <Broken />,
            lazy: lazyPage(
              () => import('../screens/practices/PracticesScreen.js'),
              'PracticesScreen',
            ),
          },
          {
            path: 'schedule',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/schedule/ScheduleLayout.js'), 'ScheduleLayout'),
            children: [
              {
                index: true,
                lazy: lazyPage(() => import('../screens/schedule/SetsView.js'), 'SetsView'),
              },
              {
                path: 'openings',
                lazy: lazyPage(() => import('../screens/schedule/OtherViews.js'), 'OpeningsView'),
              },
              {
                path: 'rooms',
                lazy: lazyPage(() => import('../screens/schedule/OtherViews.js'), 'RoomsView'),
              },
              {
                path: 'take-off',
                lazy: lazyPage(() => import('../screens/schedule/TakeOffView.js'), 'TakeOffView'),
              },
              {
                path: 'sheets',
                lazy: lazyPage(() => import('../screens/schedule/SheetsView.js'), 'SheetsView'),
              },
              {
                path: 'releases',
                lazy: lazyPage(() => import('../screens/schedule/ReleasesView.js'), 'ReleasesView'),
              },
              {
                path: 'print',
                lazy: lazyPage(() => import('../screens/schedule/PrintView.js'), 'PrintView'),
              },
            ],
          },
          {
            path: 'people',
            errorElement: <Broken />,
            lazy: lazyPage(() => import('../screens/people/PeopleScreen.js'), 'PeopleScreen'),
          },
          { path: '*', element: <NotFound /> },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
