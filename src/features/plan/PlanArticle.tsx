import type { PlanSheet } from '@/core/words';
import { PrintArticle } from '@/ui/PrintArticle';

/** The plan as it is printed: one row for each guard that he plays. */
export function PlanArticle({ sheet }: { sheet: PlanSheet }) {
  return (
    <PrintArticle isStacked>
      <h2 className="text-[2em]">{sheet.title}</h2>
      <p>{sheet.summary}</p>
      {sheet.about.map((line) => (
        <p key={line} className="text-his">
          {line}
        </p>
      ))}
      <table className="mt-[0.5em] w-full border-collapse text-left align-top leading-[1.3]">
        <thead className="font-figure text-[1.05em]">
          <tr className="border-b-2 border-ink">
            <th className="w-[15%] pr-2">guard</th>
            <th className="w-[38%] pr-3">the way</th>
            <th className="pr-3">what I do, when</th>
            <th className="w-[20%]">what to leave</th>
          </tr>
        </thead>
        <tbody>
          {sheet.rows.map((row) => (
            <tr key={row.guard} className="break-inside-avoid border-b border-hair align-top">
              <td className="py-[0.2em] pr-2">
                <strong className="block font-figure text-[1.25em] font-semibold">{row.guard}</strong>
                {row.finish}
              </td>
              <td className="py-[0.2em] pr-3">
                <ol className="list-inside list-decimal">
                  {row.way.map((step, i) => (
                    <li key={i}>{step}</li>
                  ))}
                </ol>
                <span className="text-soft">to {row.ends}</span>
              </td>
              <td className="py-[0.2em] pr-3">
                {row.answers.map(({ answer, shown, often }) => (
                  <span key={answer} className="block">
                    <strong className="font-semibold">{answer}</strong>: <span className="text-his">{shown}</span>, {often}
                  </span>
                ))}
              </td>
              <td className="py-[0.2em]">
                {row.avoid.map((line) => (
                  <span key={line} className="block">
                    {line}
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sheet.known.map((line) => (
        <p key={line} className="mt-[0.3em]">
          {line}
        </p>
      ))}
      <p className="mt-[0.8em] border-l-[3px] border-red pl-2">{sheet.cautions.join(' ')}</p>
    </PrintArticle>
  );
}
