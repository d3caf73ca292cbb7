import { parseContact, sayContact, sayTarget, servesInstead, suggestedFor, vanishingOf } from '@/core/grips';
import { ok, err } from '@/core/base';
import type { Contact, ContactTarget, Step } from '@/core/tree';
import { TypedLine } from './TypedLine';

interface Props {
  readonly steps: readonly Step[];
  readonly onSteps: (label: string, change: (steps: readonly Step[]) => readonly Step[]) => void;
}

const bare = ({ substitute: _substitute, ...contact }: Contact): Contact => contact;
const withSubstitute = (steps: readonly Step[], text: string, substitute: ContactTarget | null): Step[] =>
  steps.map((step) => ({
    ...step,
    contacts: step.contacts.map((contact) =>
      sayContact(contact) !== text ? contact : substitute ? { ...contact, substitute } : bare(contact),
    ),
  }));

/** What vanishes without the uniform and what stands in its place; the no-gi steps are derived from it. */
export function Cloth({ steps, onSteps }: Props) {
  const gone = vanishingOf(steps);
  const first = [...new Map(gone.map((item) => [sayContact(item.contact), item])).entries()];
  if (first.length === 0) return <p className="text-soft">No hold here needs the cloth.</p>;
  return (
    <section aria-label="Without the cloth" className="grid gap-1">
      <h3 className="text-[17px]">Without the cloth</h3>
      {first.map(([text, { contact }]) => {
        const at = gone.filter((item) => sayContact(item.contact) === text).map((item) => item.step);
        const { athlete } = contact;
        const target = servesInstead(contact);
        const usual = suggestedFor(contact.target);
        const put = (substitute: ContactTarget | null) =>
          onSteps('without the cloth', (now) => withSubstitute(now, text, substitute));
        return (
          <div key={text} className="border-l border-hair pl-2">
            <TypedLine
              label={`${text}, step ${at.join(', ')}: in its place`}
              value={contact.substitute ? sayTarget({ athlete, target: contact.substitute }) : ''}
              hint={usual ? sayTarget({ athlete, target: usual }) : 'far wrist'}
              parse={(typed) => {
                const parsed = parseContact(`${contact.athlete === 'opponent' ? 'his ' : ''}left hand ${typed}`);
                return parsed.ok ? ok(parsed.value.target) : err(['Say what it holds instead, as in “far wrist”.']);
              }}
              onChange={put}
            />
            <p className="flex gap-3">
              {target ? `serves: ${sayTarget({ athlete, target })}` : <span className="text-red">no substitute</span>}
              {!target && usual && (
                <button type="button" className="min-h-7 underline" onClick={() => put(usual)}>
                  Take {sayTarget({ athlete, target: usual })}, which usually serves
                </button>
              )}
            </p>
          </div>
        );
      })}
    </section>
  ); // prettier-ignore
}
