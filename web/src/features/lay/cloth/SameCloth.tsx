import { CheckBox } from '../../../ui/CheckBox.tsx';
import { Aside } from '../facts/LayFacts.tsx';
import type { Together } from './use-together.ts';

interface SameClothProps {
  readonly together: Together;
  /** The ticket by which the cloth is bought, where that is another one. */
  readonly boughtBy: number | undefined;
}

/** Other tickets of the same cloth, to be laid with this one: what one leaves open, another one fills. */
export function SameCloth({ together, boughtBy }: SameClothProps) {
  if (together.sharers.length === 0) return null;
  return (
    <Aside title="Lay together">
      <p className="text-sm text-walnut-2">The same cloth is wanted by</p>
      {together.sharers.map(({ id, number, title, client, chalked }) => {
        const isWith = together.with.some((each) => each.id === id);
        return (
          <CheckBox
            key={id}
            checked={isWith}
            disabled={chalked && !isWith}
            onChange={() => together.toggle(id)}
          >
            <span className="min-w-0">
              Nº {number} {title}
              <span className="block text-[13px] text-walnut-2">
                {client.name}
                {chalked ? ', being chalked' : ''}
              </span>
            </span>
          </CheckBox>
        );
      })}
      {boughtBy !== undefined && <p className="text-sm text-walnut-2">Bought with Nº {boughtBy}, for all.</p>}
    </Aside>
  );
}
