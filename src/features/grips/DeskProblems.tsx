import { SetAside } from '@/client/SetAside';
import { sayProblem } from '@/core/words';
import type { GripFinding } from '@/core/grips';
import { withDismissal, withoutDismissal, type TreeDocument } from '@/core/tree';

interface Props {
  readonly tree: TreeDocument;
  readonly findings: readonly GripFinding[];
  /** Looked at from the other side or without the cloth: nothing is set aside there. */
  readonly derived: boolean;
  readonly onStep: (step: number) => void;
  readonly onEdit: (label: string, change: (tree: TreeDocument) => TreeDocument) => void;
}

function Problem({
  tree,
  finding,
  derived,
  onStep,
  onEdit,
}: { finding: GripFinding } & Pick<Props, 'tree' | 'derived' | 'onStep' | 'onEdit'>) {
  const { what, why } = sayProblem(finding.problem, tree);
  const { step } = finding.problem;
  const setAside = (reason: string) => onEdit(`set aside: ${what}`, (now) => withDismissal(now, { finding: finding.key, reason }));
  return (
    <li className="border-t border-hair py-1" data-finding={finding.key}>
      <p className="font-figure text-[15px] font-medium">{what}</p>
      <p className="text-soft">{why}</p>
      <SetAside onReason={derived ? null : setAside}>
        {step > 0 && (
          <button
            type="button"
            className="min-h-8 font-medium underline decoration-red decoration-2 underline-offset-4"
            onClick={() => onStep(step)}
          >
            Go to step {step}
          </button>
        )}
      </SetAside>
    </li>
  );
}

/** What does not add up on the desk, each with its step, limb and target; what was set aside stands below with its reason. */
export function DeskProblems({ tree, findings, derived, onStep, onEdit }: Props) {
  const reasons = new Map((tree.dismissals ?? []).map((item) => [item.finding, item.reason]));
  const open = findings.filter((item) => !reasons.has(item.key));
  const aside = findings.filter((item) => reasons.has(item.key));
  return (
    <>
      {open.length > 0 && (
        <section aria-label="What does not add up" className="mt-3 border-l-[3px] border-red pl-3">
          <h3 className="text-[17px] text-red">Does not add up</h3>
          <ul>
            {open.map((item) => (
              <Problem key={item.key} tree={tree} finding={item} derived={derived} onStep={onStep} onEdit={onEdit} />
            ))}
          </ul>
        </section>
      )}
      {aside.length > 0 && !derived && (
        <details className="mt-2 print:hidden">
          <summary className="min-h-8 font-figure text-[15px]">Set aside {aside.length}</summary>
          {aside.map((item) => (
            <p key={item.key} className="border-t border-hair py-1">
              {sayProblem(item.problem).what}, <span className="text-soft">because {reasons.get(item.key)}.</span>{' '}
              <button
                type="button"
                className="min-h-8 underline"
                onClick={() => onEdit(`back on the list: ${sayProblem(item.problem).what}`, (tree) => withoutDismissal(tree, item.key))}
              >
                Put it back
              </button>
            </p>
          ))}
        </details>
      )}
    </>
  );
}
