import { createBrowserRouter } from 'react-router';
import { AccountPage } from '../account';
import { AuditPage } from '../audit';
import { BenchPage } from '../bench';
import { DashboardPage, DashboardsPage, SharedPage } from '../dashboard';
import { BringInPage } from '../deliveries';
import { AddressPage, CompletePage, ForgottenPage, JoinPage, ResetPage } from '../people';
import { SourcePage, SourcesPage } from '../sources';
import { TypeTablePage } from '../typing';
import { loadBench, loadDashboard, loadSession, loadShared } from './loaders';
import { Open, SignedIn } from './SignedIn';
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
    // Whoever comes by a mail, or has forgotten a password, comes without being signed in.
    element: <Open />,
    errorElement: <Stumbled />,
    children: [
      { path: '/forgotten', element: <ForgottenPage /> },
      { path: '/reset', element: <ResetPage /> },
      { path: '/join', element: <JoinPage /> },
      { path: '/complete', element: <CompletePage /> },
      { path: '/address/old', element: <AddressPage side="old" /> },
      { path: '/address/new', element: <AddressPage side="new" /> },
    ],
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
      { path: '/audit', element: <AuditPage /> },
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
