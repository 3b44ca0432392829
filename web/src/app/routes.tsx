import type { ComponentType } from 'react';
import { createBrowserRouter, Navigate } from 'react-router';
import { Waiting } from '../ui/Waiting.tsx';
import { FailedPage } from './FailedPage.tsx';
import { paths } from './paths.ts';
import { Shell, type RouteHandle } from './Shell.tsx';

/** A page's program; one that does not come tears as the page would, so that its own boundary tells it. */
const loaded = (program: () => Promise<{ readonly Component: ComponentType }>) => () =>
  program().catch((error: unknown) => ({
    Component: (): never => {
      throw error instanceof Error ? error : new Error('It did not load.');
    },
  }));

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
    lazy: loaded(() => import('../features/guest/index.ts')),
  },
  {
    path: '/tape',
    ...torn,
    HydrateFallback: () => <Waiting what="the tape" />,
    lazy: loaded(() => import('../features/tape/index.ts')),
  },
  {
    path: '/',
    Component: Shell,
    ...torn,
    HydrateFallback: () => <Waiting what="the workroom" />,
    children: [
      { index: true, ...titled('Today'), lazy: loaded(() => import('../features/today/index.ts')) },
      { path: 'tickets', ...titled('Tickets'), lazy: loaded(() => import('../features/tickets/index.ts')) },
      {
        path: 'tickets/new',
        ...titled('New ticket'),
        lazy: loaded(() => import('../features/tickets/new-ticket.ts')),
      },
      { path: 'people', ...titled('People'), lazy: loaded(() => import('../features/people/index.ts')) },
      { path: 'people/:id', ...torn, lazy: loaded(() => import('../features/person/index.ts')) },
      { path: 'recut', ...titled('Recut'), lazy: loaded(() => import('../features/recut/index.ts')) },
      { path: 'house', ...titled('House'), lazy: loaded(() => import('../features/house/index.ts')) },
      { path: 'outbox', ...titled('Outbox'), lazy: loaded(() => import('../features/outbox/index.ts')) },
      {
        path: 'tickets/:id',
        ...torn,
        lazy: loaded(() => import('../features/ticket/index.ts')),
        children: [
          { index: true, Component: () => <Navigate to="measure" replace /> },
          { path: 'measure', ...torn, lazy: loaded(() => import('../features/measure/index.ts')) },
          { path: 'style', ...torn, lazy: loaded(() => import('../features/style/index.ts')) },
          { path: 'figures', ...torn, lazy: loaded(() => import('../features/figures/index.ts')) },
          { path: 'draft', ...torn, lazy: loaded(() => import('../features/draft/index.ts')) },
          { path: 'lay', ...torn, lazy: loaded(() => import('../features/lay/index.ts')) },
          { path: 'rules', ...torn, lazy: loaded(() => import('../features/ticket-rules/index.ts')) },
          { path: 'versions', ...torn, lazy: loaded(() => import('../features/versions/index.ts')) },
          { path: 'chalk', ...torn, lazy: loaded(() => import('../features/chalk/index.ts')) },
        ],
      },
      { path: '*', Component: () => <Navigate to={paths.today} replace /> },
    ],
  },
]);
