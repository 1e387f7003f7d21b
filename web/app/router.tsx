import { createBrowserRouter } from 'react-router';
import { AccountPage } from '../account';
import { BenchPage } from '../bench';
import { DashboardPage, DashboardsPage, SharedPage } from '../dashboard';
import { BringInPage } from '../deliveries';
import { SourcePage, SourcesPage } from '../sources';
import { TypeTablePage } from '../typing';
import { loadBench, loadDashboard, loadSession, loadShared } from './loaders';
import { SignedIn } from './SignedIn';
import { Stumbled } from './Stumbled';

/** Every address of the interface. */
export const router = createBrowserRouter([
  {
    path: '/shared/:token',
    loader: loadShared,
    element: <SharedPage />,
    errorElement: <Stumbled />,
  },
  {
    loader: loadSession,
    element: <SignedIn />,
    errorElement: <Stumbled />,
    children: [
      { path: '/', element: <DashboardsPage /> },
      { path: '/dashboards/:id', loader: loadDashboard, element: <DashboardPage /> },
      { path: '/dashboards/:id/charts/:chartId', loader: loadBench, element: <BenchPage /> },
      { path: '/account', element: <AccountPage /> },
      { path: '/sources', element: <SourcesPage /> },
      { path: '/sources/new', element: <BringInPage /> },
      { path: '/sources/type', element: <TypeTablePage /> },
      { path: '/sources/:id', element: <SourcePage /> },
      { path: '/sources/:id/type', element: <TypeTablePage /> },
      { path: '/sources/:id/again', element: <BringInPage /> },
      { path: '*', element: <Stumbled /> },
    ],
  },
]);
