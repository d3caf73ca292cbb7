import { parseContacts, parseRule, sayContact, sayRule } from '@/core/contacts';
import { err, ok, type Result } from '@/core/base';
import { indexOf, type Contact, type ContactRule, type Transition, type TreeDocument } from '@/core/tree';
import { sayHis, sayValue } from '@/core/words';
import { TypedLine } from './TypedLine';
import { Select } from '@/ui/Select';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (label: string, patch: Partial<Transition>) => void;
}

type OrderRule = Exclude<ContactRule, { kind: 'hold' }>;

/** When a rule of order counts, and what a breach lets in. */
function RuleMore({
  tree,
  transition,
  rule,
  onChange,
}: Omit<Props, 'onChange'> & { rule: OrderRule; onChange: (rule: OrderRule) => void }) {
  const index = indexOf(tree);
  const position = index.positions.get(transition.from)!;
  const his = (index.from.get(transition.from) ?? []).filter((item) => item.actor === 'opponent');
  const values = position.reads.flatMap((read) => read.values);
  return (
    <div className="grid grid-cols-2 gap-2">
      <Select
        label="Counts"
        none="always"
        value={rule.whenValues?.[0]}
        options={values.map((value) => [value.id, `if ${sayValue(position, value.id)}`] as const)}
        onChange={(value) => onChange({ ...rule, whenValues: value === undefined ? undefined : [value] })}
      />
      <Select
        label="A breach lets in"
        none="not said"
        value={rule.letsIn}
        options={his.map((item) => [item.id, sayHis(item.name)] as const)}
        onChange={(letsIn) => onChange({ ...rule, letsIn })}
      />
    </div>
  );
}

/** What must hold over the steps: kept holds, orders, forbidden zones. Each is a sentence; emptied, it is gone. */
export function TransitionRules({ tree, transition, onChange }: Props) {
  const rules = transition.contactRules ?? [];
  const steps = transition.steps?.length ?? 0;
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
          {rule.kind !== 'hold' && (
            <RuleMore tree={tree} transition={transition} rule={rule} onChange={(next) => put(rules.with(i, next))} />
          )}
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

const saySet = (set: readonly Contact[]): string => set.map(sayContact).join(', ');

/** Sets of grips as typed; several in one line stand apart by a semicolon. */
function parseSets(typed: string): Result<Contact[][], readonly string[]> {
  const sets = typed
    .split(';')
    .map((set) => parseContacts(set))
    .filter((set) => !set.ok || set.value.length > 0);
  const problems = sets.flatMap((set) => (set.ok ? [] : set.error));
  return problems.length > 0 ? err(problems) : ok(sets.flatMap((set) => (set.ok ? [set.value] : [])));
}

interface SetsProps {
  readonly label: string;
  readonly hint: string;
  readonly sets: readonly (readonly Contact[])[];
  readonly onChange: (sets: readonly (readonly Contact[])[] | undefined) => void;
}
/** Sets of grips, one a line; an emptied line is gone, and the last line is for one more. */
function SetLines({ label, hint, sets, onChange }: SetsProps) {
  const put = (next: readonly (readonly Contact[])[]) => onChange(next.length > 0 ? next : undefined);
  return (
    <>
      {[...sets, []].map((set, i) => (
        <TypedLine
          key={i}
          label={i === 0 ? label : `${label}, or`}
          value={saySet(set)}
          hint={hint}
          parse={parseSets}
          onChange={(typed) => put([...sets.slice(0, i), ...(typed ?? []), ...sets.slice(i + 1)])}
        />
      ))}
    </>
  );
}

/** Grips of the other that shut or open the move: his for mine, mine for his. */
export function TransitionGrips({ transition, onChange }: Omit<Props, 'tree'>) {
  const isMine = transition.actor === 'owner';
  return (
    <section aria-label={isMine ? 'His grips' : 'My grips'} className="grid gap-2 content-start">
      <h3 className="text-[17px]">{isMine ? 'His grips' : 'My grips'}</h3>
      <SetLines
        label={isMine ? 'Blocked while he has all these grips' : 'Blocked while I have all these grips'}
        hint={isMine ? 'his left hand collar, his right hand sleeve cuff' : 'left hand far hip, chest far thigh'}
        sets={transition.blockedBy ?? []}
        onChange={(blockedBy) => onChange('shut by', { blockedBy })}
      />
      <SetLines
        label={isMine ? 'Possible only while he has all these grips' : 'Possible for him only while I have all these grips'}
        hint={isMine ? 'his left hand collar' : 'left hand far lapel'}
        sets={transition.enabledBy ?? []}
        onChange={(enabledBy) => onChange('opened by', { enabledBy })}
      />
    </section>
  );
}
