import { ruleSet, rulesThatDiffer } from '@ample-bolt/core/rules/catalogue';
import { useState } from 'react';
import { useHouseRules } from '../../api/house.ts';
import { Card } from '../../ui/Card.tsx';
import { SearchField } from '../../ui/SearchField.tsx';
import { UnitSwitch } from '../../ui/UnitSwitch.tsx';
import { useHand } from '../../ui/use-hand.ts';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useKept } from '../../ui/use-kept.ts';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { HouseStyles } from './HouseStyles.tsx';
import { RuleTable } from './RuleTable.tsx';
import { boxClass } from '../../ui/Field.tsx';

/** How this shop does it: every number and school that drafting takes for granted, to be changed once for all. */
export function HousePage() {
  const { today, error, again, set } = useHouseRules();
  const [unit = 'in', keepUnit] = useKept<'in' | 'cm'>('house-unit');
  const [sought, setSought] = useState('');
  const [hand, setHand] = useHand();
  const switchUnit = () => keepUnit((held) => (held === 'cm' ? 'in' : 'cm'));
  useHotkeys({ u: { does: 'inches or centimetres', act: switchUnit } });
  const defaults = ruleSet();
  const own = today ? rulesThatDiffer(defaults, today).length : 0;
  return (
    <main className="mx-auto flex max-w-5xl flex-col gap-4 p-6 max-md:p-4">
      <header className="flex flex-wrap items-center gap-4">
        <div className="grow basis-80">
          <h1 className="text-3xl">House rules</h1>
          <p className="text-walnut-2">
            {own === 0
              ? 'All as they come.'
              : own === 1
                ? 'One is the house’s own.'
                : `${own} are the house’s own.`}{' '}
            A ticket keeps the rules it was opened with; its own page shows what today’s would change.
          </p>
        </div>
        <UnitSwitch unit={unit} onChange={(next) => keepUnit(() => next)} />
        <SearchField label="Find a rule" value={sought} onChange={setSought} />
      </header>
      <label className="flex flex-wrap items-center gap-3">
        <span className="font-semibold">Who works at this device</span>
        <input
          value={hand}
          maxLength={60}
          autoComplete="off"
          placeholder="a name, for the versions of tickets"
          onChange={({ target }) => setHand(target.value)}
          className={`${boxClass} w-72`}
        />
      </label>
      <HouseStyles />
      {error && !today && <Failed error={error} again={again} />}
      {!today && !error && <Waiting what="the house rules" />}
      {today && (
        <Card>
          <RuleTable
            keptAs="house"
            rules={today}
            base={defaults}
            baseWords="as it comes"
            unit={unit}
            sought={sought}
            onSet={(id, text) => set({ [id]: text }, unit)}
          />
        </Card>
      )}
    </main>
  );
}
