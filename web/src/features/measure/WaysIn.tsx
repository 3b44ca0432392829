import { House, Ruler, Shirt } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { Dialog } from '../../ui/Dialog.tsx';
import { IconButton, iconButtonClass } from '../../ui/IconButton.tsx';
import type { Tape, TapeState } from './use-tape.ts';

const AtHome = lazy(() => import('../at-home/AtHome.tsx').then(({ AtHome: page }) => ({ default: page })));

const tapeWords: { readonly [state in TapeState]: string } = {
  off: 'Digital tape',
  connecting: 'Tape: looking for it',
  listening: 'Tape: listening',
};

/** Other ways in which a measure comes: a digital tape, a garment that fits, the client at home. */
export function WaysIn({ tape }: { readonly tape: Tape }) {
  const [atHome, setAtHome] = useState(false);
  return (
    <section aria-label="Other ways in" className="flex flex-wrap items-center gap-2">
      <IconButton Icon={Ruler} pressed={tape.state !== 'off'} onPress={tape.toggle}>
        {tapeWords[tape.state]}
      </IconButton>
      {tape.state === 'listening' && tape.code !== undefined && (
        <span className="px-1 text-sm">
          Its code here: <strong className="text-lg tracking-widest">{tape.code}</strong>
        </span>
      )}
      {tape.state !== 'off' && (
        <a
          href={tape.code === undefined ? paths.tape : `${paths.tape}?code=${tape.code}`}
          target="_blank"
          rel="noreferrer"
          className="px-1 text-sm font-semibold text-indigo underline"
        >
          open the simulated one
        </a>
      )}
      <Link to="?of=garment" className={iconButtonClass}>
        <Shirt size={16} aria-hidden />A garment that fits
      </Link>
      <IconButton Icon={House} onPress={() => setAtHome(true)}>
        At home
      </IconButton>
      <Dialog title="Measured at home" open={atHome} onClose={() => setAtHome(false)}>
        <Suspense fallback={null}>
          <AtHome />
        </Suspense>
      </Dialog>
    </section>
  );
}
