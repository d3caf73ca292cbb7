import { holdFact, parseContact, sayContact, sayTarget } from '@/core/contacts';
import { isCloth, servesInstead, suggestedFor, vanishingOf } from '@/core/lens';
import { ok, err } from '@/core/base';
import type { Contact, ContactTarget, Step } from '@/core/tree';
import { TypedLine } from './TypedLine';

interface Props {
  readonly steps: readonly Step[];
  /** What is held at a place: there are no steps to name. */
  readonly single: boolean;
  readonly onSteps: (label: string, change: (steps: readonly Step[]) => readonly Step[]) => void;
}

const bare = ({ substitute: _substitute, ...contact }: Contact): Contact => contact;
/** The same hold at every step, wherever it is carried. */
const withSubstitute = (steps: readonly Step[], hold: string, substitute: ContactTarget | null): Step[] =>
  steps.map((step) => ({
    ...step,
    contacts: step.contacts.map((contact) =>
      holdFact(contact) !== hold ? contact : substitute ? { ...contact, substitute } : bare(contact),
    ),
  }));
/** What usually serves, wherever nothing was said. */
const withUsual = (steps: readonly Step[]): Step[] =>
  steps.map((step) => ({
    ...step,
    contacts: step.contacts.map((contact) => {
      const usual = isCloth(contact.target) && servesInstead(contact) === null ? suggestedFor(contact.target) : null;
      return usual ? { ...contact, substitute: usual } : contact;
    }),
  }));

/** What vanished and what stands in its place, where it is only looked at. */
export function Vanished({ steps }: Pick<Props, 'steps'>) {
  const gone = vanishingOf(steps);
  if (gone.length === 0) return <p className="text-soft">No hold here needs the cloth.</p>;
  return (
    <section aria-label="Without the cloth">
      <h3 className="text-[17px]">Without the cloth</h3>
      {gone.map(({ step, contact, substitute }, i) => (
        <p key={i}>
          Step {step}: {sayContact(contact)} →{' '}
          {substitute ? sayTarget({ athlete: contact.athlete, target: substitute }) : <span className="text-red">no substitute</span>}
        </p>
      ))}
    </section>
  );
}

/** What vanishes without the uniform and what stands in its place; the no-gi steps are derived from it. */
export function Cloth({ steps, single, onSteps }: Props) {
  const gone = vanishingOf(steps);
  const first = [...new Map(gone.map((item) => [holdFact(item.contact), item])).entries()];
  const open = first.filter(([, item]) => item.substitute === null && item.suggested !== null).length;
  if (first.length === 0) return <p className="text-soft">No hold here needs the cloth.</p>;
  return (
    <section aria-label="Without the cloth" className="grid gap-1 content-start">
      <h3 className="text-[17px]">Without the cloth</h3>
      {open > 1 && (
        <button
          type="button"
          className="min-h-8 justify-self-start underline"
          onClick={() => onSteps('what usually serves without the cloth', withUsual)}
        >
          Take what usually serves for all {open}
        </button>
      )}
      {first.map(([text, { contact }]) => {
        const at = gone.filter((item) => holdFact(item.contact) === text).map((item) => item.step);
        const { athlete } = contact;
        const target = servesInstead(contact);
        const usual = suggestedFor(contact.target);
        const put = (substitute: ContactTarget | null) => onSteps('without the cloth', (now) => withSubstitute(now, text, substitute));
        return (
          <div key={text} className="border-l border-hair pl-2">
            <TypedLine
              label={`${text}${single ? '' : `, step ${at.join(', ')}`}: in its place`}
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
  );
}
