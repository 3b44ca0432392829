import type { LayFault } from '@ample-bolt/core/lay/proof/lay-fault';
import type { Unit } from '@ample-bolt/core/units/length';
import { layFaultWords } from '@ample-bolt/core/words/lay-fault-words';
import { Button } from '../../../ui/Button.tsx';
import { Aside } from '../facts/LayFacts.tsx';

export interface HandAction {
  readonly words: string;
  readonly hotkey: string;
  readonly act: (() => void) | undefined;
}

interface HandToolsProps {
  readonly actions: readonly HandAction[];
  readonly faults: readonly LayFault[];
  /** Whether the plan on screen was changed by hand. */
  readonly changed: boolean;
  readonly unit: Unit;
  /** Undefined where it cannot be. */
  readonly onFoldInSections: (() => void) | undefined;
}

/** Faults that are told at once: a hand clears one after the other. */
const TOLD = 3;

/** What a hand can do with the piece that is chosen and with the whole lay, and why the lay cannot be cut as it is. */
export const HandTools = ({ actions, faults, changed, unit, onFoldInSections }: HandToolsProps) => (
  <Aside title="By hand">
    {!changed && <p className="text-sm text-walnut-2">Drag a piece, or use the arrow keys.</p>}
    {changed && (
      <p className={`text-sm font-semibold ${faults.length > 0 ? 'text-madder' : 'text-woad'}`}>
        {faults.length > 0 ? 'It cannot be cut so' : 'Proved as it lies now'}
      </p>
    )}
    {faults.length > 0 && (
      <div role="alert">
        <ul className="text-sm text-madder">
          {faults.slice(0, TOLD).map((fault) => (
            <li key={`${fault.code} ${fault.pieces.join()}`}>{layFaultWords(fault, unit)}</li>
          ))}
          {faults.length > TOLD && <li>And {faults.length - TOLD} more.</li>}
        </ul>
      </div>
    )}
    <div className="mt-2 grid grid-cols-2 gap-1.5">
      {actions.map(({ words, hotkey, act }) => (
        <Button
          key={words}
          look="quiet"
          hotkey={hotkey}
          disabled={!act}
          onClick={() => act?.()}
          className="min-h-9 min-w-0 justify-between gap-1 px-2 text-left text-[13px] leading-tight !whitespace-normal"
        >
          {words}
        </Button>
      ))}
      <Button
        look="quiet"
        disabled={!onFoldInSections}
        onClick={onFoldInSections}
        className="col-span-2 min-h-9 justify-start px-2 text-[13px]"
      >
        Fold in sections
      </Button>
    </div>
  </Aside>
);
