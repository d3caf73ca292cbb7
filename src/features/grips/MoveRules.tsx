import { parseContacts, parseRule, sayContact, sayRule } from '@/core/contacts';
import { err, ok, type Result } from '@/core/base';
import { indexOf, type Contact, type ContactRule, type Transition, type TreeDocument } from '@/core/tree';
import { sayHis, sayValue } from '@/core/words';
import { Field, selectClass } from '@/ui/Field';
import { TypedLine } from './TypedLine';

interface Props {
  readonly tree: TreeDocument;
  readonly move: Transition;
  readonly onChange: (label: string, patch: Partial<Transition>) => void;
}

type OrderRule = Exclude<ContactRule, { kind: 'hold' }>;

/** When a rule of order counts, and what a breach lets in. */
function RuleMore({ tree, move, rule, onChange }: Omit<Props, 'onChange'> & { rule: OrderRule; onChange: (rule: OrderRule) => void }) {
  const index = indexOf(tree);
  const place = index.positions.get(move.from)!;
  const his = (index.from.get(move.from) ?? []).filter((item) => item.actor === 'opponent');
  const values = place.reads.flatMap((read) => read.values);
  return (
    <div className="grid grid-cols-2 gap-2">
      <Field label="Counts">
        <select
          className={selectClass}
          value={rule.whenValues?.[0] ?? ''}
          onChange={(event) => onChange({ ...rule, whenValues: event.target.value === '' ? undefined : [event.target.value] })}
        >
          <option value="">always</option>
          {values.map((value) => (
            <option key={value.id} value={value.id}>
              if {sayValue(place, value.id)}
            </option>
          ))}
        </select>
      </Field>
      <Field label="A breach lets in">
        <select
          className={selectClass}
          value={rule.letsIn ?? ''}
          onChange={(event) => onChange({ ...rule, letsIn: event.target.value === '' ? undefined : event.target.value })}
        >
          <option value="">not said</option>
          {his.map((item) => (
            <option key={item.id} value={item.id}>
              {sayHis(item.name)}
            </option>
          ))}
        </select>
      </Field>
    </div>
  );
}

/** What must hold over the steps: kept holds, orders, forbidden zones. Each is a sentence; emptied, it is gone. */
export function MoveRules({ tree, move, onChange }: Props) {
  const rules = move.contactRules ?? [];
  const steps = move.steps?.length ?? 0;
  const put = (next: readonly ContactRule[]) => onChange('rules of the hands', { contactRules: next.length > 0 ? next : undefined });
  return (
    <section aria-label="What must hold" className="grid gap-2 content-start">
      <h3 className="text-[17px]">What must hold</h3>
      {rules.map((rule, i) => (
        <div key={`${i} ${sayRule(rule)}`} className="grid gap-1 border-l border-hair pl-2">
          <TypedLine
            label={rule.name ?? 'Rule'}
            value={sayRule(rule)}
            parse={(typed) => parseRule(typed, steps)}
            onChange={(next) => put(next === null ? rules.toSpliced(i, 1) : rules.with(i, { ...rule, ...next } as ContactRule))}
          />
          {rule.kind !== 'hold' && <RuleMore tree={tree} move={move} rule={rule} onChange={(next) => put(rules.with(i, next))} />}
        </div>
      ))}
      <TypedLine
        key={rules.length}
        label={rules.length === 0 ? 'A rule over the steps' : 'Another rule'}
        value=""
        hint="from step 2 to 4: left hand far wrist"
        parse={(typed) => parseRule(typed, steps)}
        onChange={(rule) => rule && put([...rules, rule])}
      />
      <p className="text-[13px] text-soft">
        Also “always: at least 1 of left hand far hip, right hand far hip”, “left shin near thigh before right hand far lapel”, “head chest
        together with left hand far hip”, “never left hand mat”.
      </p>
    </section>
  );
}

const saySets = (sets: Transition['blockedBy']): string => (sets ?? []).map((set) => set.map(sayContact).join(', ')).join('; ');

/** Sets of grips as typed, a semicolon between the sets. */
function parseSets(typed: string): Result<Contact[][], readonly string[]> {
  const sets = typed
    .split(';')
    .map((set) => parseContacts(set))
    .filter((set) => !set.ok || set.value.length > 0);
  const problems = sets.flatMap((set) => (set.ok ? [] : set.error));
  return problems.length > 0 ? err(problems) : ok(sets.flatMap((set) => (set.ok ? [set.value] : [])));
}

/** His grips that shut or open the move, and what I need to hold before it. */
export function MoveGrips({ move, onChange }: Omit<Props, 'tree'>) {
  return (
    <section aria-label="His grips" className="grid gap-2 content-start">
      <h3 className="text-[17px]">His grips</h3>
      <TypedLine
        label="Shut it while all of a set are on (; between sets)"
        value={saySets(move.blockedBy)}
        hint="his left hand collar, his right hand sleeve cuff; his left foot near hip"
        parse={parseSets}
        onChange={(sets) => onChange('shut by', { blockedBy: sets ?? undefined })}
      />
      <TypedLine
        label="Open it: not yet while none of these sets is on"
        value={saySets(move.enabledBy)}
        hint="his left hand collar"
        parse={parseSets}
        onChange={(sets) => onChange('opened by', { enabledBy: sets ?? undefined })}
      />
    </section>
  );
}
