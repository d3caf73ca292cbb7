import { ownField } from '@/core/base';
import { coverageAt, type CoverageCell } from '@/core/structure';
import { indexOf, type Position, type Read, type TreeDocument } from '@/core/tree';
import { sayMine } from '@/core/words';
import type { Dispatch } from 'react';
import type { BoardAction } from '../../boardState';
import { combinationCaret } from '../../typing/branch';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly dispatch: Dispatch<BoardAction>;
}

const nameOf = (read: Read, value: string): string => read.values.find((item) => item.id === value)!.name;

/** Who answers a combination of cues: nobody yet (press to add), one, or several with or without an order. */
function Cell({ tree, position, cell, dispatch }: Props & { cell: CoverageCell }) {
  const index = indexOf(tree);
  if (cell.covered === 'never')
    return (
      <button
        type="button"
        className="min-h-9 w-full border-b-2 border-dotted border-red text-left text-red"
        onClick={() => dispatch({ type: 'caret', caret: combinationCaret(position.id, cell.combination) })}
      >
        no answer: I …
      </button>
    );
  return (
    <>
      {cell.answers.map((id) => (
        <span key={id} className="block">
          {sayMine(index.transitions.get(id)!.name)}
        </span>
      ))}
      {cell.ambiguous && <span className="block text-[13px] text-red">no order among them</span>}
    </>
  );
}

/** What answers each combination of the cues that must be answered wholly; nothing to say with fewer than two of them. */
export function CoverageTable({ tree, position, dispatch }: Props) {
  const coverage = coverageAt(indexOf(tree), position);
  const closed = position.reads.filter((read) => read.closed);
  const [down, across, ...others] = closed;
  if (!down || !across) return null;
  const rests = new Map(coverage.cells.map((cell) => [others.map((read) => ownField(cell.combination, read.id)).join(), cell]));
  return (
    <section aria-label="Combinations of cues" className="mt-4 border-t border-hair pt-3">
      <h3 className="text-[15px] tracking-wide uppercase">Together</h3>
      {[...rests].map(([rest, sample]) => (
        <table key={rest} className="mt-1 w-full border-collapse text-left">
          <caption className="text-left text-[13px] text-soft">
            {down.name} down, {across.name} across
            {others.map((read) => `; ${read.name}: ${nameOf(read, ownField(sample.combination, read.id)!)}`).join('')}
          </caption>
          <thead>
            <tr>
              <td />
              {across.values.map((value) => (
                <th key={value.id} scope="col" className="border-b border-ink px-1 font-figure text-[15px] font-medium text-his">
                  {value.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {down.values.map((row) => (
              <tr key={row.id} className="border-b border-hair align-top">
                <th scope="row" className="py-1 pr-1 font-figure text-[15px] font-medium text-his">
                  {row.name}
                </th>
                {across.values.map((column) => {
                  const cell = coverage.cells.find(
                    ({ combination }) =>
                      ownField(combination, down.id) === row.id &&
                      ownField(combination, across.id) === column.id &&
                      others.every((read) => ownField(combination, read.id) === ownField(sample.combination, read.id)),
                  );
                  return (
                    <td key={column.id} className="px-1 py-1">
                      {cell && <Cell tree={tree} position={position} cell={cell} dispatch={dispatch} />}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
      {coverage.status === 'budget' && <p className="text-soft">There are more combinations than are shown.</p>}
    </section>
  );
}
