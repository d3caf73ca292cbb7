import { HIDDEN_WORDS, sayBranch } from '@/core/words';
import type { TreeDocument } from '@/core/tree';
import type { BranchChoice } from './classModel';

/** The branches of this class, each with its way out of it. */
export function ChosenBranches({
  tree,
  choices,
  onTakeOut,
}: {
  tree: TreeDocument;
  choices: readonly BranchChoice[];
  onTakeOut: (branch: readonly string[]) => void;
}) {
  if (choices.length === 0) return null;
  return (
    <section aria-label="Branches of this class" className="mt-4 border-t border-hair pt-2">
      <h3 className="text-[15px] tracking-wide uppercase">In this class</h3>
      {choices.map((choice) => (
        <div key={choice.key} className="border-b border-hair py-1.5">
          <div className="flex justify-between gap-2">
            <p>
              <span className="font-semibold">{choice.place}:</span> {choice.first}
              <span className="block text-[13px] text-soft">{choice.onward}</span>
              {choice.hiddenBy && <strong className="block font-semibold text-red">{HIDDEN_WORDS[choice.hiddenBy]}: take it out</strong>}
            </p>
            <button type="button" className="min-h-8 shrink-0 self-start underline" onClick={() => onTakeOut(choice.branch)}>
              Take out
            </button>
          </div>
          <details>
            <summary className="min-h-8 text-[13px] text-soft">Say it</summary>
            {sayBranch(tree, choice.branch).map((paragraph, i) => (
              <p key={i} className="mb-1">
                {paragraph}
              </p>
            ))}
          </details>
        </div>
      ))}
    </section>
  );
}
