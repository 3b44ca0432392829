import { useRouteError } from 'react-router';
import { Button } from '../ui/Button.tsx';
import { paths } from './paths.ts';

/** What is shown when a page itself breaks: what is safe, and the two ways on. */
export function FailedPage() {
  const error = useRouteError();
  return (
    <main className="mx-auto max-w-xl p-12">
      <h1 className="text-3xl">This page tore</h1>
      <p className="mt-3 text-lg">
        What you entered is kept. Load the page again; if it tears again, go back to Today.
      </p>
      <p className="mt-3 text-walnut-2">{error instanceof Error ? error.message : 'No reason was given.'}</p>
      <div className="mt-6 flex gap-3">
        <Button onClick={() => window.location.reload()}>Load again</Button>
        <Button look="quiet" onClick={() => window.location.assign(paths.today)}>
          Today
        </Button>
      </div>
    </main>
  );
}
