import { choiceHandles } from '@ample-bolt/core/styles/choice-handles';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import type { Style } from '@ample-bolt/core/styles/style';
import { chosenParts } from '@ample-bolt/core/parts/part-book';
import { joinKinds } from '@ample-bolt/core/garment/join';
import { lackWords } from '@ample-bolt/core/words/lack-words';
import {
  choiceGroups,
  isAsked,
  optionsInOrder,
  type Choice,
  type ChoiceValues,
  type LengthChoice,
  type OptionChoice,
} from '@ample-bolt/core/garment/choice';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { useHotkeys } from '../../ui/use-hotkeys.ts';
import { useStillHere } from '../../ui/use-still-here.ts';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { EaseStrip } from '../ticket/EaseStrip.tsx';
import { FindingList } from '../ticket/FindingList.tsx';
import { LeaveChoices } from '../ticket/LeaveChoices.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { GarmentDrawing } from './GarmentDrawing.tsx';
import { StyleBookDialog } from './StyleBookDialog.tsx';
import { useChoiceEntry, type ChoiceEntry } from '../ticket/use-choice-entry.ts';

/** The style that is agreed, and the book that it was taken from, which stays open over whatever the page shows. */
export function StylePage() {
  const { ticket, drafted } = useTicketContext();
  const [looking, setLooking] = useState(false);
  const style = styleOf(ticket.styleId);
  const bookButton = (
    <Button look="quiet" onClick={() => setLooking(true)}>
      Style book
    </Button>
  );
  return (
    <>
      {style && drafted ? (
        <AgreeStyle key={style.id} style={style} bookButton={bookButton} />
      ) : (
        <div className="flex flex-col items-center gap-3">
          <NotYet />
          {bookButton}
        </div>
      )}
      <StyleBookDialog key={`book ${ticket.styleId}`} open={looking} onClose={() => setLooking(false)} />
    </>
  );
}

/** The client's choices beside the garment that they give, drawn anew with every figure typed. */
function AgreeStyle({ style, bookButton }: { readonly style: Style; readonly bookButton: ReactNode }) {
  const { ticket, actions, goTo } = useTicketContext();
  const stillHere = useStillHere();
  const entry = useChoiceEntry(ticket, style, actions);
  const preview = useDrafted(asPreview(ticket, { choices: entry.preview }));
  const drafted = preview.drafted;
  const asked = Object.entries(style.choices).filter(([, choice]) => isAsked(choice, drafted?.chosen ?? {}));
  const [going, setGoing] = useState(false);
  const agree = () => void entry.agree().then((agreed) => agreed && stillHere() && setGoing(true));
  // Only once nothing is on trial any more: before that the way out would be asked about.
  useEffect(() => {
    if (going && !entry.changed && stillHere()) goTo('figures');
  }, [going, entry.changed, goTo, stillHere]);
  useHotkeys({ Enter: { does: 'agree the style', act: agree } });
  const groups = choiceGroups.filter((group) => asked.some(([, choice]) => choice.group === group));
  return (
    <div className="grid h-full grid-cols-[380px_minmax(0,1fr)] gap-4 max-xl:grid-cols-[350px_minmax(0,1fr)] max-lg:h-auto max-lg:grid-cols-1">
      <LeaveChoices entry={entry} />
      <form
        className="flex min-h-0 flex-col rounded-soft border border-linen-2 bg-white px-5 py-3"
        onSubmit={(event) => {
          event.preventDefault();
          agree();
        }}
      >
        <div className="min-h-0 grow overflow-auto">
          <div className="flex items-start gap-2">
            <h2 className="grow text-2xl">{style.name}</h2>
            {bookButton}
          </div>
          <p className="text-sm text-walnut-2">{style.summary}</p>
          <SewnOn choices={drafted?.chosen ?? {}} />
          {groups.map((group) => (
            <fieldset key={group} className="mt-1.5 border-t border-linen-2 pt-1">
              <legend className="sr-only">{group}</legend>
              {asked
                .filter(([, choice]) => choice.group === group)
                .map(([id, choice]) => (
                  <ChoiceField
                    key={id}
                    id={id}
                    choice={choice}
                    entry={entry}
                    unit={ticket.unit}
                    usual={drafted?.chosen[id]}
                  />
                ))}
            </fieldset>
          ))}
        </div>
        <Lacking style={style} />
        {entry.failure && <Notice tone="stop">{entry.failure}</Notice>}
        <Button type="submit" className="mt-2 min-h-12 w-full" hotkey="↵">
          {ticket.choices === null
            ? 'Agree this style'
            : entry.changed
              ? 'Agree the change'
              : 'Agreed; on to the figures'}
        </Button>
      </form>
      <div className="flex min-h-0 flex-col gap-3">
        <div className="flex min-h-0 grow flex-col max-lg:h-[56dvh] max-lg:flex-none *:grow">
          {drafted ? (
            <GarmentDrawing
              draft={drafted.draft}
              cloth={clothColour(ticket)}
              unit={ticket.unit}
              handles={choiceHandles(style, drafted.draft, { ...drafted.chosen, ...entry.lengths })}
              onChoose={entry.move}
            />
          ) : (
            <div className="rounded-soft bg-linen-1" />
          )}
        </div>
        <div className="grid max-h-56 shrink-0 grid-cols-2 items-start gap-3 overflow-auto max-lg:max-h-none max-lg:grid-cols-1">
          {drafted && (
            <EaseStrip rounds={drafted.draft.rounds} coverage={drafted.draft.coverage} unit={ticket.unit} />
          )}
          {drafted && (
            <FindingList
              tryChoice={{ length: entry.move, option: entry.type }}
              findings={drafted.draft.findings.filter(
                ({ code, severity }) => severity !== 'note' && code !== 'cloth-missing',
              )}
            />
          )}
        </div>
      </div>
    </div>
  );
}

/** The parts that are sewn to the style now. */
function SewnOn({ choices }: { readonly choices: ChoiceValues }) {
  const parts = chosenParts(choices).map(({ name }) => name.toLowerCase());
  return parts.length > 0 ? <p className="text-sm font-semibold">With {parts.join(' and ')}</p> : null;
}

/** What the style does not take, and why. */
function Lacking({ style }: { readonly style: Style }) {
  const lacking = joinKinds.flatMap((kind) => {
    const lack = style.lacks[kind];
    return lack ? [lackWords(kind, lack)] : [];
  });
  return lacking.map((words) => (
    <p key={words} className="pt-1.5 text-[13px] text-walnut-2">
      {words}
    </p>
  ));
}

interface ChoiceFieldProps {
  readonly id: string;
  readonly choice: Choice;
  readonly entry: ChoiceEntry;
  readonly unit: Unit;
  /** What is in force now: shown where nothing was chosen. */
  readonly usual: number | string | undefined;
}

const ChoiceField = ({ choice, ...props }: ChoiceFieldProps) =>
  choice.kind === 'option' ? (
    <OptionField {...props} choice={choice} />
  ) : (
    <LengthField {...props} choice={choice} />
  );

function OptionField({ id, choice, entry, usual }: ChoiceFieldProps & { readonly choice: OptionChoice }) {
  const chosen = entry.textOf(id) || String(usual ?? choice.usual);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
      <span className="font-semibold">{choice.label}</span>
      <span className="grow text-[13px] text-walnut-2">{choice.help}</span>
      <Segmented
        label={choice.label}
        value={chosen}
        onChange={(option) => entry.type(id, option)}
        options={optionsInOrder(choice).map(([value, word]) => ({ value, word }))}
      />
    </div>
  );
}

function LengthField({
  id,
  choice,
  entry,
  unit,
  usual,
}: ChoiceFieldProps & { readonly choice: LengthChoice }) {
  const fault = entry.faultOf(id);
  const [search] = useSearchParams();
  const field = useRef<HTMLInputElement>(null);
  const isAskedFor = search.get('choice') === id;
  useEffect(() => {
    if (isAskedFor) field.current?.select();
  }, [isAskedFor]);
  return (
    <label className="flex items-center gap-3 py-0.5">
      <span className="min-w-0 grow leading-tight">
        <span className="block font-semibold">{choice.label}</span>
        <span
          id={`${id}-says`}
          className={`block text-[13px] leading-tight ${fault ? 'font-semibold text-madder' : 'text-walnut-2'}`}
        >
          {fault ?? choice.help}
        </span>
      </span>
      <input
        ref={field}
        value={entry.textOf(id)}
        onChange={(event) => entry.type(id, event.target.value)}
        placeholder={typeof usual === 'number' ? formatNumber(usual, unit, { style: 'typeset' }) : ''}
        aria-invalid={fault !== undefined}
        aria-describedby={`${id}-says`}
        autoComplete="off"
        className="min-h-9 w-24 shrink-0 rounded-soft border border-linen-3 bg-white px-3 text-right text-xl font-bold placeholder:font-normal placeholder:text-walnut-2 aria-invalid:border-madder"
      />
      <span className="w-7 shrink-0 text-walnut-2">{unit}</span>
    </label>
  );
}
