import { createBrowserRouter, Link, useRouteError } from 'react-router';
import { Message } from '../parts/Message.js';
import { BuildingScreen } from '../screens/building/BuildingScreen.js';
import { ImportScreen } from '../screens/import/ImportScreen.js';
import { OpeningScreen } from '../screens/opening/OpeningScreen.js';
import { PeopleScreen } from '../screens/people/PeopleScreen.js';
import { PracticesScreen } from '../screens/practices/PracticesScreen.js';
import { ProjectsScreen } from '../screens/projects/ProjectsScreen.js';
import { RegisterScreen } from '../screens/register/RegisterScreen.js';
import { ReplacementScreen } from '../screens/replacement/ReplacementScreen.js';
import { ScheduleScreen } from '../screens/schedule/ScheduleScreen.js';
import { SurveyList } from '../screens/survey/SurveyList.js';
import { SurveyScreen } from '../screens/survey/SurveyScreen.js';
import { WelcomeScreen } from '../screens/signIn/WelcomeScreen.js';
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

export const router = createBrowserRouter([
  { path: '/welcome', element: <WelcomeScreen />, errorElement: <Broken /> },
  {
    path: '/',
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      { index: true, element: <ProjectsScreen /> },
      {
        path: 'projects/:projectId',
        element: <ProjectShell />,
        children: [
          { index: true, element: <RegisterScreen /> },
          { path: 'openings/:openingId', element: <OpeningScreen /> },
          { path: 'import', element: <ImportScreen /> },
          { path: 'building', element: <BuildingScreen /> },
          { path: 'survey', element: <SurveyList /> },
          { path: 'survey/:openingId', element: <SurveyScreen /> },
          { path: 'replacement/:openingId', element: <ReplacementScreen /> },
          { path: 'practices', element: <PracticesScreen /> },
          { path: 'schedule', element: <ScheduleScreen /> },
          { path: 'people', element: <PeopleScreen /> },
          { path: '*', element: <NotFound /> },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
