import type { FeederCard } from '@/core/words';

/** A card for each who feeds, two beside one another on paper: his partner, what he shows, how hard; not what the other does. */
export function FeederCards({ cards }: { cards: readonly FeederCard[] }) {
  return (
    <>
      <h1 className="sr-only">Feeder cards</h1>
      <div className="mx-auto grid w-[190mm] max-w-full grid-cols-1 gap-4 sm:grid-cols-2 print:grid-cols-2 print:gap-[6mm]">
        {cards.map(({ name, lines }) => (
          <section
            key={name}
            aria-label={name}
            className="break-inside-avoid border border-ink p-3 text-[14px] [overflow-wrap:anywhere] print:text-[10pt]"
          >
            <h2 className="border-b-2 border-red pb-1 text-[19px] print:text-[13pt]">{name}</h2>
            {lines.length === 0 && <p className="mt-1">There is nothing in this class yet.</p>}
            {lines.map((line, i) => (
              <div key={i} className="border-b border-hair py-1.5 last:border-b-0">
                <h3 className="text-[15px] print:text-[11pt]">
                  {line.unit} {line.with !== '' && <span className="font-normal">{line.with}</span>}
                </h3>
                <p>When you feed: resistance {line.resistance}.</p>
                {line.feeder.map((sentence) => (
                  <p key={sentence}>{sentence}</p>
                ))}
                {line.calls.length > 0 && (
                  <p className="mt-0.5">
                    Show, one after the other: <strong className="font-semibold">{line.calls.join(' · ')}</strong>
                  </p>
                )}
              </div>
            ))}
          </section>
        ))}
      </div>
    </>
  );
}
