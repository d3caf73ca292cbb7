import { useMemo } from 'react';
import { questionAgainst, type WorkList } from '@/core/odds';
import type { Filter } from '@/core/lens';
import { adviceLine, planRowOf, sayWorth } from '@/core/words';
import { Working } from '@/client/Working';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { usePlan, type Plan } from './usePlan';

interface Props {
  readonly subject: Subject;
  readonly first: Filter;
  readonly second: Filter;
}
const PREPARED = 5;

const preparedFor = (plan: Plan, { items }: WorkList): string[] =>
  items.slice(0, PREPARED).map((item) => {
    const { todo, what, place } = adviceLine(plan.tree, item);
    return `${todo} ${what} at ${place}`;
  });

function usePrepared(subject: Subject, plan: Plan | null, filter: Filter) {
  const question = useMemo(() => questionAgainst(plan ? [plan.him] : []), [plan]);
  const answer = useAnswer<'advice'>(subject, plan ? { kind: 'advice', look: { filter, swapped: false }, question } : null);
  const lines = useMemo(
    () => (plan && answer.isCurrent && answer.value ? preparedFor(plan, answer.value) : null),
    [plan, answer.value, answer.isCurrent],
  );
  return { answer, lines };
}

/** Two opponents on the same tree: what a round is worth from each guard, what to do first, and what to prepare. */
export function SideBySide({ subject, first, second }: Props) {
  const [one, two] = [usePlan(subject, first, true), usePlan(subject, second, true)];
  const [forOne, forTwo] = [usePrepared(subject, one.plan, first), usePrepared(subject, two.plan, second)];
  const plans = one.plan && two.plan ? ([one.plan, two.plan] as const) : null;
  const both = forOne.lines && forTwo.lines ? forOne.lines.filter((line) => forTwo.lines!.includes(line)) : [];
  const alone = (lines: readonly string[] | null) => lines?.filter((line) => !both.includes(line)) ?? [];
  const list = (title: string, lines: readonly string[]) =>
    lines.length > 0 && (
      <>
        <h3 className="mt-2 text-[15px] font-semibold">{title}</h3>
        <ul>
          {lines.map((line) => (
            <li key={line} className="border-t border-hair py-1">
              {line}
            </li>
          ))}
        </ul>
      </>
    );
  return (
    <section aria-label="Two opponents" className="mx-auto mt-6 max-w-4xl print:hidden">
      <Working what="Computing both plans" answer={plans ? two.answer : one.plan ? two.answer : one.answer} />
      {plans && (
        <>
          <h2 className="text-[24px]">
            {plans[0].him.name} and {plans[1].him.name}
          </h2>
          <table className="w-full border-collapse text-left [overflow-wrap:anywhere]">
            <thead className="font-figure text-[13px] text-soft">
              <tr>
                <th className="font-medium">guard</th>
                {plans.map(({ him }) => (
                  <th key={him.id} className="pl-3 font-medium">
                    {him.name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {plans[0].guards.map((guard, i) => (
                <tr key={guard.position} className="border-t border-hair align-top">
                  <td className="py-1 font-figure text-[17px] font-medium">{planRowOf(plans[0].tree, guard).guard}</td>
                  {plans.map(({ tree, guards, him }) => (
                    <td key={him.id} className="py-1 pl-3">
                      <strong className="font-figure text-[17px] font-semibold">{guards[i] ? sayWorth(guards[i]) : '–'}</strong>{' '}
                      <span className="text-soft">{guards[i] && planRowOf(tree, guards[i]).answers[0]?.answer}</span>
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <h2 className="mt-4 text-[19px]">What to prepare</h2>
          <Working what="Trying what would help against each" answer={forOne.lines ? forTwo.answer : forOne.answer} />
          {list('Against both', both)}
          {list(`Against ${plans[0].him.name}`, alone(forOne.lines))}
          {list(`Against ${plans[1].him.name}`, alone(forTwo.lines))}
        </>
      )}
    </section>
  );
}
