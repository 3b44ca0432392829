import { stationIds, type StationId } from '@ample-bolt/core/shop/stations';
import { Link } from 'react-router';
import { paths } from '../../app/paths.ts';
import { buttonClass } from '../../ui/Button.tsx';
import { stationNames } from '../ticket/station-names.ts';

const stationWords: { readonly [id in StationId]: string } = {
  measure: 'One reading of the tape after the other.',
  style: 'What the client chooses, drawn as it is typed.',
  figures: 'Every cut dimension with its sum.',
  draft: 'The pieces, and whether they sew together.',
  lay: 'How they lie on the cloth, and what to buy.',
  chalk: 'One mark at a time, then the shears.',
};

/** Before the first ticket: what will happen to one, and the way to open it. */
export const NoTickets = ({ title }: { readonly title: string }) => (
  <section className="mx-auto mt-16 w-full max-w-4xl text-center">
    <h2 className="text-2xl">{title}</h2>
    <p className="mt-2 text-lg text-walnut-2">Open a ticket for the first client; the tape comes next.</p>
    <Link to={paths.newTicket} className={`${buttonClass('act')} mt-6`}>
      Open the first ticket
    </Link>
    <ol className="mt-12 grid grid-cols-3 gap-px rounded-soft border border-linen-2 bg-linen-2 text-left max-md:grid-cols-1">
      {stationIds.map((id, index) => (
        <li key={id} className="flex gap-3 bg-white px-5 py-4">
          <span className="font-head text-2xl font-semibold text-indigo">{index + 1}</span>
          <span>
            <strong className="block">{stationNames[id]}</strong>
            <span className="text-walnut-2">{stationWords[id]}</span>
          </span>
        </li>
      ))}
    </ol>
  </section>
);
