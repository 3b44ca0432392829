import { useEffect } from 'react';
import { Link, useMatch } from 'react-router';
import { useKeepsNothing } from '../ui/kept-context.ts';
import { useOnline } from '../ui/use-online.ts';
import { useOutgoing, useStanding, useTablesStanding } from '../writes/outgoing-context.ts';
import { paths } from './paths.ts';

/** How often the shop computer is tried while it is out of reach, ms. */
const AGAIN = 4000;

const changes = (count: number): string => (count === 1 ? '1 change waits' : `${count} changes wait`);

/** Said above whatever page is open: what waits on this device, why, and what it waits for. */
export function OutgoingStrip() {
  const online = useOnline();
  const outgoing = useOutgoing();
  const standing = useStanding();
  const tables = useTablesStanding().filter((table) => table.offline);
  const offline = standing.filter(({ held }) => held?.kind === 'offline');
  // The ticket's own pages ask by themselves.
  const here = useMatch('/tickets/:id/*')?.params.id;
  const asking = standing.filter(({ held, known }) => held && held.kind !== 'offline' && known.id !== here);
  const keepsNothing = useKeepsNothing();
  const isTrying = offline.length + tables.length > 0;
  useEffect(() => {
    if (!isTrying) return;
    const timer = setInterval(outgoing.retry, AGAIN);
    return () => clearInterval(timer);
  }, [isTrying, outgoing]);
  useEffect(() => {
    window.addEventListener('online', outgoing.retry);
    return () => window.removeEventListener('online', outgoing.retry);
  }, [outgoing]);
  const waiting = [...offline, ...tables].reduce((sum, line) => sum + line.waiting.length, 0);
  const bar = 'flex shrink-0 flex-wrap items-center gap-x-4 px-6 py-2 font-semibold max-md:px-3';
  return (
    <>
      {waiting > 0 && (
        <p role="alert" className={`${bar} bg-weld-1 text-weld`}>
          <span className="grow">
            {online
              ? 'The shop computer does not answer: see that it is on, and that Ample Bolt is started there.'
              : 'No network.'}{' '}
            {changes(waiting)} on this device, and {waiting === 1 ? 'goes' : 'go'} out by{' '}
            {waiting === 1 ? 'itself' : 'themselves'} when it is back.
          </span>
          <button
            type="button"
            onClick={outgoing.retry}
            className="min-h-9 rounded-soft border border-weld bg-white px-3 text-sm max-md:min-h-11"
          >
            Send again
          </button>
        </p>
      )}
      {waiting === 0 && !online && (
        <p role="status" className={`${bar} bg-weld-1 text-weld`}>
          No network. What you type is kept on this device and goes to the shop computer when it is back.
        </p>
      )}
      {keepsNothing && (
        <p role="status" className={`${bar} bg-weld-1 text-weld`}>
          This device keeps nothing (it is full, or the window is private): what you type is lost on a reload
          until it is stored.
        </p>
      )}
      {asking.map(({ known, waiting: held }) => (
        <p key={known.id} role="status" className={`${bar} bg-madder-1 text-madder`}>
          <Link to={paths.station(known.id, 'measure')} className="underline">
            Nº {known.number}, {known.title}
          </Link>
          {changes(held.length)} there for you to decide.
        </p>
      ))}
    </>
  );
}
