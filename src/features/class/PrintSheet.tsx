import { minutesText, type ClassSheet } from '@/core/words';
import { PrintArticle } from '@/ui/PrintArticle';

/** The class for the wall or the pocket: on one A4 page in the largest type that fits, else on as many as readable type needs. */
export function PrintSheet({ sheet }: { sheet: ClassSheet }) {
  return (
    <PrintArticle>
      <h1 className="text-[2em]">{sheet.title}</h1>
      <p>{sheet.summary}</p>
      <table className="mt-[0.5em] w-full border-collapse text-left align-top leading-[1.3]">
        <thead className="font-figure text-[1.05em]">
          <tr className="border-b-2 border-ink">
            <th className="w-[3.2em] pr-2">at</th>
            <th className="w-[3em] pr-2">min</th>
            <th className="w-[33%] pr-3">drill</th>
            <th className="pr-3">feeder</th>
            <th className="w-[22%]">look for</th>
          </tr>
        </thead>
        <tbody>
          {sheet.rows.map((row, i) => (
            <tr key={i} className="break-inside-avoid border-b border-hair align-top">
              <td className="py-[0.2em] font-figure text-[1.1em] font-semibold">{minutesText(row.from)}</td>
              <td className="py-[0.2em] font-figure text-[1.1em]">{minutesText(row.minutes)}</td>
              <td className="py-[0.2em] pr-3">
                <strong className="font-semibold">{row.title}</strong>
                <br />
                {row.what}
                {row.resistance && <span className="text-soft"> · resistance {row.resistance}</span>}
              </td>
              <td className="py-[0.2em] pr-3">
                {row.feeder.map((line, n) => (
                  <span key={n} className="block">
                    {line}
                  </span>
                ))}
              </td>
              <td className="py-[0.2em]">{row.watch.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-[0.8em] border-l-[3px] border-red pl-2">{sheet.cautions.join(' ')}</p>
    </PrintArticle>
  );
}
