import { Fragment, useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';
import { groupBy } from '@/core/base';
import { findHandOvers, type HandOver } from '@/core/grips';
import { isCloth } from '@/core/lens';
import { limbKey, sayLimb, sayTarget } from '@/core/contacts';
import type { Contact, OwnerRole, Step } from '@/core/tree';
import { HAND_OVER_WORDS, ROLE_WORDS } from '@/core/words';

interface Props {
  readonly steps: readonly Step[];
  readonly at: number;
  /** What is held at a place: one column without a number. */
  readonly single: boolean;
  readonly roles: readonly OwnerRole[];
  /** Steps at which something does not add up. */
  readonly troubled: ReadonlySet<number>;
  readonly onAt: (step: number) => void;
  /** The small picture of a step, for print. */
  readonly pictureOf: (step: number) => ReactNode;
}

/** More pictures than this do not fit a page. */
const PICTURED = 12;

/** What happens to a limb between two steps, as a line in the gap: held on, led over, begun or ended. */
const PATHS: Record<HandOver['kind'] | 'kept', string> = {
  kept: 'M0,8H34',
  trade: 'M0,4H12L22,13H34',
  relocation: 'M0,8H14l3,-5l3,10l3,-5H34',
  taken: 'M14,3V13M14,8H34',
  released: 'M0,8H20M20,3V13',
};

function Gap({ kinds, isHis }: { kinds: readonly (HandOver['kind'] | 'kept')[]; isHis: boolean }) {
  return kinds.map((kind) => (
    <span key={kind} className={`block text-center leading-none ${isHis ? 'text-his' : ''}`}>
      <svg viewBox="0 0 34 16" width={30} height={14} aria-hidden className="inline-block">
        <path
          d={PATHS[kind]}
          fill="none"
          stroke={kind === 'trade' ? 'var(--color-red)' : 'currentColor'}
          strokeWidth={kind === 'kept' ? 1 : 1.8}
        />
      </svg>
      {kind !== 'kept' && <span className="block text-[12px] text-soft">{HAND_OVER_WORDS[kind]}</span>}
    </span>
  ));
}

/** Steps across, limbs down, both athletes; between the steps what each limb hands over. */
export function StepTable({ steps, at, single, roles, troubled, onAt, pictureOf }: Props) {
  const rows = [
    ...groupBy(
      steps.flatMap((item) => item.contacts),
      limbKey,
    ),
  ].toSorted(([, [a]], [, [b]]) => Number(a!.athlete === 'opponent') - Number(b!.athlete === 'opponent'));
  const overs = groupBy(findHandOvers(steps), (item) => `${item.toStep} ${limbKey('to' in item ? item.to : item.from)}`);
  const held = (limb: string, i: number): Contact[] => steps[i]!.contacts.filter((contact) => limbKey(contact) === limb);
  const gapBefore = (limb: string, i: number): (HandOver['kind'] | 'kept')[] => {
    const kinds = (overs.get(`${i + 1} ${limb}`) ?? []).map((item) => item.kind);
    if (kinds.length > 0) return [...new Set(kinds)];
    return held(limb, i).length > 0 && held(limb, i - 1).length > 0 ? ['kept'] : [];
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    const next = at + by;
    if (by === 0 || next < 1 || next > steps.length) return;
    event.preventDefault();
    onAt(next);
    document.getElementById(`step-${next}`)?.focus();
  };
  const box = useRef<HTMLDivElement>(null);
  // The chosen step comes into sight sideways; the page itself stays where it is.
  useEffect(() => {
    const [frame, head] = [box.current, document.getElementById(`step-${at}`)?.parentElement];
    if (!frame || !head) return;
    const [left, right] = [head.offsetLeft, head.offsetLeft + head.offsetWidth];
    if (left < frame.scrollLeft) frame.scrollLeft = left;
    if (right > frame.scrollLeft + frame.clientWidth) frame.scrollLeft = right - frame.clientWidth;
  }, [at, steps.length]);
  return (
    <div ref={box} className="relative overflow-x-auto print:overflow-visible">
      <table className="border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink align-bottom" onKeyDown={onKeyDown}>
            <td />
            {steps.map((step, i) => (
              <Fragment key={i}>
                {i > 0 && <td />}
                <th scope="col" className="px-1 font-figure text-[15px]">
                  <button
                    type="button"
                    id={`step-${i + 1}`}
                    aria-pressed={at === i + 1}
                    className={`min-h-9 min-w-16 text-left ${at === i + 1 ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : 'text-soft'}`}
                    onClick={() => onAt(i + 1)}
                  >
                    {single ? 'here' : `step ${i + 1}`}
                    {troubled.has(i + 1) && <span className="ml-1 text-[13px] font-medium text-red">mend</span>}
                    {step.note && <span className="block max-w-32 text-[13px] leading-tight font-normal">{step.note}</span>}
                    {(i === 0 ? roles[0] === 'below' : step.ownerRole) && (
                      <span className="block text-[12px] text-red">{i === 0 ? ROLE_WORDS.below.at : ROLE_WORDS[roles[i]!].from}</span>
                    )}
                  </button>
                </th>
              </Fragment>
            ))}
          </tr>
        </thead>
        <tbody>
          {steps.length <= PICTURED && (
            <tr className="hidden print:table-row">
              <td />
              {steps.map((_, i) => (
                <Fragment key={i}>
                  {i > 0 && <td />}
                  <td className="w-32">{pictureOf(i + 1)}</td>
                </Fragment>
              ))}
            </tr>
          )}
          {rows.map(([limb, [first]]) => {
            const isHis = first!.athlete === 'opponent';
            return (
              <tr key={limb} className="border-b border-hair">
                <th
                  scope="row"
                  className={`sticky left-0 bg-paper py-0.5 pr-3 font-figure text-[15px] font-medium whitespace-nowrap ${isHis ? 'text-his' : ''}`}
                >
                  {sayLimb(first!)}
                </th>
                {steps.map((_, i) => {
                  const here = held(limb, i);
                  const isTwice = here.length > 1 && new Set(here.map((contact) => contact.bundle)).size !== 1;
                  return (
                    <Fragment key={i}>
                      {i > 0 && (
                        <td className="px-0">
                          <Gap kinds={gapBefore(limb, i)} isHis={isHis} />
                        </td>
                      )}
                      <td className={`px-1 py-0.5 ${at === i + 1 ? 'bg-tint print:bg-transparent' : ''} ${isTwice ? 'text-red' : ''}`}>
                        {here.map((contact, n) => (
                          <span key={n} className="block leading-tight">
                            {sayTarget(contact)}
                            {(contact.orElse ?? []).map((target, k) => (
                              <span key={k} className="text-soft">
                                {' '}
                                or {sayTarget({ ...contact, target })}
                              </span>
                            ))}
                            {contact.at && <span className="text-soft"> to {contact.at}</span>}
                            {[contact.job, contact.quality].some(Boolean) && (
                              <span className="text-[12px] text-soft"> {[contact.job, contact.quality].filter(Boolean).join(', ')}</span>
                            )}
                            {isCloth(contact.target) && <span className="text-[12px] text-soft"> cloth</span>}
                          </span>
                        ))}
                      </td>
                    </Fragment>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
