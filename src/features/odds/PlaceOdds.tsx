import type { Filter } from '@/core/lens';
import type { Choice, OddsQuestion, PositionOdds } from '@/core/odds';
import { indexOf, type Position, type TreeDocument } from '@/core/tree';
import { asSentence, choiceText, inHundred, mixLines, sayOption, sayUndrawn, sayWorth, type MixLine } from '@/core/words';
import type { Subject } from '@/workers/useAnswer';
import { HowItComes } from './HowItComes';

/** What the figures answer. */
interface Asked {
  readonly subject: Subject;
  readonly filter: Filter;
  readonly question: OddsQuestion;
}

interface ChoiceProps extends Asked {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly choice: Choice;
  readonly isHabit: boolean;
}
function ChoiceRow({ tree, position, choice, isHabit, ...asked }: ChoiceProps) {
  const text = choiceText(tree, position, choice);
  return (
    <li className="border-t border-hair py-2">
      <p className="flex justify-between gap-3 font-figure text-[15px]">
        <span className="font-medium text-his">{text.shown}</span>
        <span className="shrink-0 text-soft">
          {isHabit && 'by habit '}
          {inHundred(choice.share)}
        </span>
      </p>
      <p>
        <strong className="font-semibold">{text.best}</strong> <span className="text-soft">{text.worth}</span>
      </p>
      {text.others && <p className="text-soft">{text.others}</p>}
      {text.instead && <p className="text-red">{text.instead}</p>}
      {text.late && <p className="text-soft">{text.late}</p>}
      <HowItComes {...asked} {...{ tree, choice }} position={position.id} />
    </li>
  );
}

/** Each with a short bar beside its words. */
function Mix({ title, lines, color }: { title: string; lines: readonly MixLine[]; color: string }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h3 className="mt-3 text-[15px] font-semibold">{title}</h3>
      <ul>
        {lines.map(({ what, chance, often }) => (
          <li key={what} className="border-t border-hair py-1">
            <span className="flex justify-between gap-3">
              <span className="font-medium">{what}</span>
              <span className="shrink-0 font-figure text-[15px] text-soft">{often}</span>
            </span>
            <span aria-hidden className={`mt-0.5 block h-1 ${color}`} style={{ width: `${chance * 100}%` }} />
          </li>
        ))}
      </ul>
    </>
  );
}

interface Props extends Asked {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly here: PositionOdds;
}

/** What to do at one place, against each thing that he can show. */
export function PlaceOdds({ tree, position, here, ...asked }: Props) {
  const mixes = here.mixes && mixLines(tree, position, here.mixes);
  return (
    <section aria-label={`What to do at ${position.name}`} className="border-l-2 border-ink pl-4">
      <h2 className="text-[24px]">{position.name}</h2>
      <p>
        Finish from here: <strong className="font-semibold">{sayWorth(here)}</strong>, with a full round left.{' '}
        <span className="text-soft">{asSentence(sayUndrawn(here.undrawn))}</span>
      </p>
      {here.choices.length === 0 && <p>The climb ends here.</p>}
      {here.unread !== undefined && (
        <p className="mt-2">
          Where I have not seen it: <strong className="font-semibold">{sayOption(indexOf(tree), here.unread)}</strong>.
        </p>
      )}
      {mixes && (
        <>
          {here.mixes!.seesItFirst && <p className="mt-2 text-his">He sees my choice before he picks: no mix helps here.</p>}
          <Mix title="Where I have not seen what he shows" lines={mixes.mine} color="bg-red" />
          <Mix title="What he picks to hurt most" lines={mixes.his} color="bg-his" />
          {here.choices.length > 0 && <h3 className="mt-3 text-[15px] font-semibold">Where I have seen it</h3>}
        </>
      )}
      <ul className="mt-2">
        {here.choices.map((choice, i) => (
          <ChoiceRow key={`${position.id} ${i}`} {...asked} {...{ tree, position, choice }} isHabit={mixes !== undefined} />
        ))}
      </ul>
    </section>
  );
}
