import type { Odds, StartOdds } from '@/core/odds';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { clock, GOAL_WORDS, inHundred, sayWorth } from '@/core/words';

interface Props {
  readonly tree: TreeDocument;
  readonly odds: Odds;
  /** Of whom: "Oren Vask". */
  readonly against: string;
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

/** Every guard that a round can start in, with what it is worth. */
export function StartTable({ tree, odds, against, chosen, onChoose }: Props) {
  const drawn = new Map(odds.positions.map((item) => [item.position, item.isDrawn]));
  const isKnown = ({ position }: StartOdds): boolean => drawn.get(position) ?? true;
  return (
    <table className="w-full border-collapse text-left">
      <caption className="pb-2 text-left text-soft">
        Chance of finishing ({GOAL_WORDS[tree.owner]}) before the round ends, against {against}. Beside it: the same if nothing unforeseen
        comes.
      </caption>
      <thead className="font-figure text-[13px] text-soft">
        <tr>
          <th className="py-1 font-medium">The round starts in</th>
          <th className="text-right font-medium">finish</th>
          <th className="pl-2 text-right font-medium">if foreseen</th>
          <th className="text-right font-medium">time</th>
        </tr>
      </thead>
      <tbody className="font-figure text-[17px]">
        {odds.starts.map((start) => (
          <tr
            key={start.position}
            className={`border-t border-hair ${start.position === chosen ? 'bg-tint' : ''}`}
            data-start={start.position}
          >
            <td>
              <button
                type="button"
                aria-pressed={start.position === chosen}
                className="min-h-9 px-1 font-medium hover:underline"
                onClick={() => onChoose(start.position)}
              >
                {positionOf(indexOf(tree), start.position).name}
              </button>
            </td>
            <td className="text-right font-semibold whitespace-nowrap">{sayWorth({ value: start.value, isDrawn: isKnown(start) })}</td>
            <td className="pl-2 text-right whitespace-nowrap text-soft">{isKnown(start) ? inHundred(start.foreseen) : '–'}</td>
            <td className="px-1 text-right whitespace-nowrap text-soft">{clock(start.expectedSeconds)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
