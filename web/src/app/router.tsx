import { createBrowserRouter, Link, useRouteError } from 'react-router';
import { Message, Waiting } from '../parts/Message.js';
import { ResetScreen } from '../screens/signIn/ResetScreen.js';
import { WelcomeScreen } from '../screens/signIn/WelcomeScreen.js';
import { STAGE_ROUTES } from '../stage/pages.js';
import {
  loadOpening,
  loadProject,
  loadProjects,
  loadRegister,
  loadSurvey,
  loadSurveyList,
} from './pages.js';
import { Shell } from './Shell.js';

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

// Every page comes when it is opened, those for the site with the project (`pages.ts`).
export const router = createBrowserRouter([
  { path: '/welcome', element: <WelcomeScreen />, errorElement: <Broken /> },
  { path: '/reset', element: <ResetScreen />, errorElement: <Broken /> },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
    children: [
      { index: true, lazy: loadProjects },
      {
        path: 'account',
        lazy: () =>
          import('../screens/account/AccountScreen.js').then((page) => ({
            Component: page.AccountScreen,
          })),
      },
      {
        path: 'installation',
        lazy: () =>
          import('../screens/installation/InstallationScreen.js').then((page) => ({
            Component: page.InstallationScreen,
          })),
        children: [
          {
            index: true,
            lazy: () =>
              import('../screens/installation/EverybodyPane.js').then((page) => ({
                Component: page.EverybodyPane,
              })),
          },
          {
            path: 'audit',
            lazy: () =>
              import('../screens/installation/AuditPane.js').then((page) => ({
                element: <page.AuditPane path="/installation" projects />,
              })),
          },
          {
            path: 'mail',
            lazy: () =>
              import('../screens/installation/MailPane.js').then((page) => ({
                Component: page.MailPane,
              })),
          },
        ],
      },
      {
        path: 'projects/:projectId',
        lazy: loadProject,
        children: [
          { index: true, lazy: loadRegister },
          { path: 'openings/:openingId', lazy: loadOpening },
          {
            path: 'import',
            lazy: () =>
              import('../screens/import/ImportScreen.js').then((page) => ({
                Component: page.ImportScreen,
              })),
          },
          {
            path: 'building',
            lazy: () =>
              import('../screens/building/BuildingScreen.js').then((page) => ({
                Component: page.BuildingScreen,
              })),
          },
          { path: 'survey', lazy: loadSurveyList },
          { path: 'survey/:openingId', lazy: loadSurvey },
          ...STAGE_ROUTES,
          {
            path: 'keys',
            lazy: () =>
              import('../screens/keying/KeyingScreen.js').then((page) => ({
                Component: page.KeyingScreen,
              })),
          },
          {
            path: 'alternatives/:openingId',
            lazy: () =>
              import('../screens/alternatives/AlternativesScreen.js').then((page) => ({
                Component: page.AlternativesScreen,
              })),
          },
          {
            path: 'library',
            lazy: () =>
              import('../screens/library/LibraryScreen.js').then((page) => ({
                Component: page.LibraryScreen,
              })),
          },
          {
            path: 'practices',
            lazy: () =>
              import('../screens/practices/PracticesScreen.js').then((page) => ({
                Component: page.PracticesScreen,
              })),
          },
          {
            path: 'schedule',
            lazy: () =>
              import('../screens/schedule/ScheduleScreen.js').then((page) => ({
                Component: page.ScheduleScreen,
              })),
          },
          {
            path: 'people',
            lazy: () =>
              import('../screens/people/PeopleScreen.js').then((page) => ({
                Component: page.PeopleScreen,
              })),
          },
          { path: '*', element: <NotFound /> },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
