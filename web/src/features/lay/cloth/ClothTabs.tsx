import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { clothRoleName } from '@ample-bolt/core/words/names';
import { Check } from 'lucide-react';
import { Tabs } from 'radix-ui';

interface ClothTabsProps {
  readonly roles: readonly ClothRole[];
  readonly ticket: Ticket;
  readonly stale: readonly ClothRole[];
}

/** One tab for each cloth of the garment, with whether it is laid. */
export const ClothTabs = ({ roles, ticket, stale }: ClothTabsProps) => (
  <Tabs.List aria-label="Cloths" className="flex min-w-0 flex-wrap gap-1">
    {roles.map((role) => {
      const cloth = ticket.cloths.find((each) => each.role === role);
      const laid = ticket.lays[role] !== undefined && !stale.includes(role);
      return (
        <Tabs.Trigger
          key={role}
          value={role}
          className="flex min-h-9 items-center gap-2 rounded-soft border border-linen-3 bg-white px-4 max-md:px-2.5 hover:bg-linen-1 data-[state=active]:border-walnut data-[state=active]:bg-walnut data-[state=active]:text-white"
        >
          {cloth && (
            <span
              className="size-4 rounded-[3px] border border-linen-3"
              style={{ background: cloth.colour }}
              aria-hidden
            />
          )}
          <span className="font-semibold">{clothRoleName[role]}</span>
          <span className="text-sm opacity-85">
            {stale.includes(role) ? 'no longer fits' : laid ? 'laid' : cloth ? 'to lay' : 'needs a cloth'}
          </span>
          {laid && <Check size={15} aria-hidden />}
        </Tabs.Trigger>
      );
    })}
  </Tabs.List>
);
