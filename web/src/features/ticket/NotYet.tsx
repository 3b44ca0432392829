import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import { missingMeasures } from '@ample-bolt/core/shop/ticket';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { Button } from '../../ui/Button.tsx';
import { Waiting } from '../../ui/Waiting.tsx';
import { useTicketContext } from './ticket-context.ts';

/** What a station shows before there is a draft: the measures that are missing, or that it is being drafted. */
export function NotYet() {
  const { ticket, error, goTo } = useTicketContext();
  const missing = missingMeasures(ticket);
  const style = styleOf(ticket.styleId);
  if (error)
    return (
      <p role="alert" className="rounded-soft bg-madder-1 p-4">
        There is no draft. {error.message}
      </p>
    );
  if (missing.length === 0) return <Waiting what="the draft" />;
  return (
    <section className="mx-auto mt-16 max-w-lg text-center">
      <h2 className="text-2xl">Measure first</h2>
      <p className="mt-2 text-lg text-walnut-2">
        {missing.length === 1 ? 'One measure is' : `${missing.length} measures are`} missing
        {style && ` for the ${style.name}`}:{' '}
        {missing.map((id: MeasureId) => measureOf(id).names[0].toLowerCase()).join(', ')}.
      </p>
      <Button className="mt-6" onClick={() => goTo('measure')}>
        Go on measuring
      </Button>
    </section>
  );
}
