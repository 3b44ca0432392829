import { createBrowserRouter, Navigate } from 'react-router';
import { Waiting } from '../ui/Waiting.tsx';
import { FailedPage } from './FailedPage.tsx';
import { paths } from './paths.ts';
import { Shell } from './Shell.tsx';

/** Each page is a chunk of its own, so that the first load carries only the shell and the page asked for. */
export const router = createBrowserRouter([
  {
    path: '/home/:token',
    ErrorBoundary: FailedPage,
    HydrateFallback: () => <Waiting what="the page" />,
    lazy: () => import('../features/guest/index.ts'),
  },
  {
    path: '/tape',
    ErrorBoundary: FailedPage,
    HydrateFallback: () => <Waiting what="the tape" />,
    lazy: () => import('../features/tape/index.ts'),
  },
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: FailedPage,
    HydrateFallback: () => <Waiting what="the workroom" />,
    children: [
      { index: true, lazy: () => import('../features/today/index.ts') },
      { path: 'tickets', lazy: () => import('../features/tickets/index.ts') },
      { path: 'tickets/new', lazy: () => import('../features/tickets/new-ticket.ts') },
      { path: 'people', lazy: () => import('../features/people/index.ts') },
      { path: 'people/:id', lazy: () => import('../features/person/index.ts') },
      { path: 'house', lazy: () => import('../features/house/index.ts') },
      { path: 'outbox', lazy: () => import('../features/outbox/index.ts') },
      {
        path: 'tickets/:id',
        lazy: () => import('../features/ticket/index.ts'),
        children: [
          { index: true, Component: () => <Navigate to="measure" replace /> },
          { path: 'measure', lazy: () => import('../features/measure/index.ts') },
          { path: 'style', lazy: () => import('../features/style/index.ts') },
          { path: 'figures', lazy: () => import('../features/figures/index.ts') },
          { path: 'draft', lazy: () => import('../features/draft/index.ts') },
          { path: 'lay', lazy: () => import('../features/lay/index.ts') },
          { path: 'rules', lazy: () => import('../features/ticket-rules/index.ts') },
          { path: 'versions', lazy: () => import('../features/versions/index.ts') },
          { path: 'chalk', lazy: () => import('../features/chalk/index.ts') },
        ],
      },
      { path: '*', Component: () => <Navigate to={paths.today} replace /> },
    ],
  },
]);
