import { createBrowserRouter, Link, useRouteError } from 'react-router';
import { Message, Waiting } from '../parts/Message.js';
import { OpeningScreen } from '../screens/opening/OpeningScreen.js';
import { ProjectsScreen } from '../screens/projects/ProjectsScreen.js';
import { RegisterScreen } from '../screens/register/RegisterScreen.js';
import { SurveyList } from '../screens/survey/SurveyList.js';
import { SurveyScreen } from '../screens/survey/SurveyScreen.js';
import { ResetScreen } from '../screens/signIn/ResetScreen.js';
import { WelcomeScreen } from '../screens/signIn/WelcomeScreen.js';
import { STAGE_ROUTES } from '../stage/pages.js';
import { ProjectShell, Shell } from './Shell.js';

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

// What is needed where a connection may be lost comes with the first load; the rest when it is opened.
export const router = createBrowserRouter([
  { path: '/welcome', element: <WelcomeScreen />, errorElement: <Broken /> },
  { path: '/reset', element: <ResetScreen />, errorElement: <Broken /> },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Waiting what="One moment …" />,
    children: [
      { index: true, element: <ProjectsScreen /> },
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
        element: <ProjectShell />,
        children: [
          { index: true, element: <RegisterScreen /> },
          { path: 'openings/:openingId', element: <OpeningScreen /> },
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
          { path: 'survey', element: <SurveyList /> },
          { path: 'survey/:openingId', element: <SurveyScreen /> },
          ...STAGE_ROUTES,
          {
            path: 'replacement/:openingId',
            lazy: () =>
              import('../screens/replacement/ReplacementScreen.js').then((page) => ({
                Component: page.ReplacementScreen,
              })),
          },
          {
            path: 'hanging/:openingId',
            lazy: () =>
              import('../screens/hanging/HangingScreen.js').then((page) => ({
                Component: page.HangingScreen,
              })),
          },
          {
            path: 'securing/:openingId',
            lazy: () =>
              import('../screens/securing/SecuringScreen.js').then((page) => ({
                Component: page.SecuringScreen,
              })),
          },
          {
            path: 'preparation/:openingId',
            lazy: () =>
              import('../screens/preparation/PreparationScreen.js').then((page) => ({
                Component: page.PreparationScreen,
              })),
          },
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
