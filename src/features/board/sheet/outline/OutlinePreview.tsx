import type { OutlineAnswer } from '@/workers/outline';
import { plural } from '@/core/words';

interface Props {
  readonly answer: OutlineAnswer;
  /** Of an older text. */
  readonly stale: boolean;
  readonly onLine: (line: number) => void;
}

function Names({ title, names }: { readonly title: string; readonly names: readonly string[] }) {
  if (names.length === 0) return null;
  return (
    <p>
      <span className="text-soft">{title}: </span>
      {names.join(', ')}
    </p>
  );
}

const LISTED = 12;

/** What an outline would do: what it means by its names, what stays open, and what cannot be read. */
export function OutlinePreview({ answer: { problems, refused, report, unanswered }, stale, onLine }: Props) {
  const { yours, fresh, fromCatalogue, near } = report;
  return (
    <div role="status" className={`grid gap-1.5 border-t border-hair pt-2 ${stale ? 'text-soft' : ''}`}>
      {problems.length > 0 && (
        <>
          <h3 className="font-figure text-[17px] text-red">
            {plural(problems.length, 'line')} cannot be read; nothing is put in until they can
          </h3>
          <ul className="grid gap-1">
            {problems.map(({ line, says }, i) => (
              <li key={i}>
                <button type="button" className="min-h-7 text-left hover:underline" onClick={() => onLine(line)}>
                  <span className="font-figure font-medium">Line {line}:</span> {says}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {problems.length === 0 &&
        refused.map((sentence) => (
          <p key={sentence} className="text-red">
            {sentence}
          </p>
        ))}
      {near.map(({ name, line, there }) => (
        <p key={line} className="text-red">
          <button type="button" className="min-h-7 text-left hover:underline" onClick={() => onLine(line)}>
            Line {line}: “{name}” becomes a new place; “{there.join('”, “')}” is there. Write its name to join it.
          </button>
        </p>
      ))}
      <Names title="There already" names={yours} />
      <Names title="New" names={fresh.filter((name) => !fromCatalogue.includes(name))} />
      <Names title="New, and known to the catalogue" names={fromCatalogue} />
      {unanswered.length > 0 && (
        <>
          <h3 className="text-[15px] font-semibold">Without an answer {unanswered.length}</h3>
          <ul>
            {unanswered.slice(0, LISTED).map((item) => (
              <li key={item}>{item}</li>
            ))}
          </ul>
          {unanswered.length > LISTED && <p className="text-soft">and {unanswered.length - LISTED} more</p>}
        </>
      )}
    </div>
  );
}
