import { createBrowserRouter, Navigate } from 'react-router';
import { Waiting } from '../ui/Waiting.tsx';
import { FailedPage } from './FailedPage.tsx';
import { paths } from './paths.ts';
import { Shell, type RouteHandle } from './Shell.tsx';

/** A page that tears leaves what is around it whole: the rail, and the stations of a ticket. */
const torn = { ErrorBoundary: FailedPage };

/** A page with the name of its tab; tickets and people name theirs themselves. */
const titled = (title: string) => ({ ...torn, handle: { title } satisfies RouteHandle });

/** Each page is a chunk of its own, so that the first load carries only the shell and the page asked for. */
export const router = createBrowserRouter([
  {
    path: '/home/:token',
    ...torn,
    HydrateFallback: () => <Waiting what="the page" />,
    lazy: () => import('../features/guest/index.ts'),
  },
  {
    path: '/tape',
    ...torn,
    HydrateFallback: () => <Waiting what="the tape" />,
    lazy: () => import('../features/tape/index.ts'),
  },
  {
    path: '/',
    Component: Shell,
    ...torn,
    HydrateFallback: () => <Waiting what="the workroom" />,
    children: [
      { index: true, ...titled('Today'), lazy: () => import('../features/today/index.ts') },
      { path: 'tickets', ...titled('Tickets'), lazy: () => import('../features/tickets/index.ts') },
      {
        path: 'tickets/new',
        ...titled('New ticket'),
        lazy: () => import('../features/tickets/new-ticket.ts'),
      },
      { path: 'people', ...titled('People'), lazy: () => import('../features/people/index.ts') },
      { path: 'people/:id', ...torn, lazy: () => import('../features/person/index.ts') },
      { path: 'house', ...titled('House'), lazy: () => import('../features/house/index.ts') },
      { path: 'outbox', ...titled('Outbox'), lazy: () => import('../features/outbox/index.ts') },
      {
        path: 'tickets/:id',
        ...torn,
        lazy: () => import('../features/ticket/index.ts'),
        children: [
          { index: true, Component: () => <Navigate to="measure" replace /> },
          { path: 'measure', ...torn, lazy: () => import('../features/measure/index.ts') },
          { path: 'style', ...torn, lazy: () => import('../features/style/index.ts') },
          { path: 'figures', ...torn, lazy: () => import('../features/figures/index.ts') },
          { path: 'draft', ...torn, lazy: () => import('../features/draft/index.ts') },
          { path: 'lay', ...torn, lazy: () => import('../features/lay/index.ts') },
          { path: 'rules', ...torn, lazy: () => import('../features/ticket-rules/index.ts') },
          { path: 'versions', ...torn, lazy: () => import('../features/versions/index.ts') },
          { path: 'chalk', ...torn, lazy: () => import('../features/chalk/index.ts') },
        ],
      },
      { path: '*', Component: () => <Navigate to={paths.today} replace /> },
    ],
  },
]);
