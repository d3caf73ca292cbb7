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

/** As many columns as a lying A4 page holds in type of 9 pt; longer chains go on in another table. */
const A_PAGE = 8;

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

interface HeadProps {
  readonly step: Step;
  /** From 0. */
  readonly i: number;
  readonly single: boolean;
  readonly role: OwnerRole;
  readonly isTroubled: boolean;
}

/** Over a step: its number, its words, and who turns. */
function Head({ step, i, single, role, isTroubled }: HeadProps) {
  return (
    <>
      {single ? 'here' : `step ${i + 1}`}
      {isTroubled && <span className="ml-1 text-[13px] font-medium text-red">mend</span>}
      {step.note && <span className="block max-w-32 text-[13px] leading-tight font-normal">{step.note}</span>}
      {(i === 0 ? role === 'below' : step.ownerRole) && (
        <span className="block text-[12px] text-red">{i === 0 ? ROLE_WORDS.below.at : ROLE_WORDS[role].from}</span>
      )}
    </>
  );
}

/** Steps across, limbs down, both athletes; between the steps what each limb hands over. On paper a long chain is several tables. */
export function StepTable(props: Props) {
  const { steps, at } = props;
  const box = useRef<HTMLDivElement>(null);
  // The chosen step comes into sight sideways; the page itself stays where it is.
  useEffect(() => {
    const [frame, head] = [box.current, document.getElementById(`step-${at}`)?.parentElement];
    if (!frame || !head) return;
    const [left, right] = [head.offsetLeft, head.offsetLeft + head.offsetWidth];
    if (left < frame.scrollLeft) frame.scrollLeft = left;
    if (right > frame.scrollLeft + frame.clientWidth) frame.scrollLeft = right - frame.clientWidth;
  }, [at, steps.length]);
  const isLong = steps.length > A_PAGE;
  const pages = isLong ? Array.from({ length: Math.ceil(steps.length / A_PAGE) }, (_, i) => i * A_PAGE) : [];
  return (
    <>
      <div ref={box} className={`relative overflow-x-auto print:overflow-visible ${isLong ? 'print:hidden' : ''}`}>
        <Table {...props} from={0} to={steps.length} />
      </div>
      {pages.map((from) => (
        <div key={from} aria-hidden className="mb-4 hidden break-inside-avoid print:block">
          <Table {...props} from={from} to={Math.min(from + A_PAGE, steps.length)} isPaper />
        </div>
      ))}
    </>
  );
}

interface TableProps extends Props {
  /** Which steps, from 0; `to` is the first that is not. */
  readonly from: number;
  readonly to: number;
  /** Nothing on it is pressed. */
  readonly isPaper?: boolean;
}

function Table({ steps, at, single, roles, troubled, onAt, pictureOf, from, to, isPaper = false }: TableProps) {
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
  const columns = Array.from({ length: to - from }, (_, n) => from + n);
  return (
    <table className="border-collapse text-left print:w-full print:table-fixed print:text-[12px]">
      <colgroup>
        <col className="print:w-[26mm]" />
        {columns.map((i) => (
          <Fragment key={i}>
            {i > from && <col className="print:w-[10mm]" />}
            <col />
          </Fragment>
        ))}
      </colgroup>
      <thead>
        <tr className="border-b-2 border-ink align-bottom" onKeyDown={onKeyDown}>
          <td />
          {columns.map((i) => (
            <Fragment key={i}>
              {i > from && <td />}
              <th scope="col" className="px-1 font-figure text-[15px]">
                {isPaper ? (
                  <Head {...{ step: steps[i]!, i, single, role: roles[i]!, isTroubled: troubled.has(i + 1) }} />
                ) : (
                  <button
                    type="button"
                    id={`step-${i + 1}`}
                    aria-pressed={at === i + 1}
                    className={`min-h-9 min-w-16 text-left ${at === i + 1 ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : 'text-soft'}`}
                    onClick={() => onAt(i + 1)}
                  >
                    <Head {...{ step: steps[i]!, i, single, role: roles[i]!, isTroubled: troubled.has(i + 1) }} />
                  </button>
                )}
              </th>
            </Fragment>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr className="hidden print:table-row">
          <td />
          {columns.map((i) => (
            <Fragment key={i}>
              {i > from && <td />}
              <td>{pictureOf(i + 1)}</td>
            </Fragment>
          ))}
        </tr>
        {rows.map(([limb, [first]]) => {
          const isHis = first!.athlete === 'opponent';
          return (
            <tr key={limb} className="border-b border-hair">
              <th
                scope="row"
                className={`sticky left-0 bg-paper py-0.5 pr-3 font-figure text-[15px] font-medium whitespace-nowrap print:whitespace-normal ${isHis ? 'text-his' : ''}`}
              >
                {sayLimb(first!)}
              </th>
              {columns.map((i) => {
                const here = held(limb, i);
                const isTwice = here.length > 1 && new Set(here.map((contact) => contact.bundle)).size !== 1;
                return (
                  <Fragment key={i}>
                    {i > from && (
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
  );
}
