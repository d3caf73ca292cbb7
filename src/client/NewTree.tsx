'use client';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { idToAddress } from '@/contracts/address';
import { emptyTree, freshId, type Owner } from '@/core/tree';
import { buttonClass, selectClass } from '@/ui/Field';
import { createDocument } from './documents';

const OWNERS: readonly (readonly [Owner, string, string])[] = [
  ['passer', 'I pass his guard', 'My passing'],
  ['guardPlayer', 'I play guard', 'My guard'],
];

/** A tree is named and said to be whose as it is made; then its board opens. */
export function NewTree() {
  const router = useRouter();
  const id = useId();
  const [name, setName] = useState('');
  const [owner, setOwner] = useState<Owner>('passer');
  const [problems, setProblems] = useState<readonly string[]>([]);
  const usual = OWNERS.find(([whose]) => whose === owner)![2];
  const [busy, setBusy] = useState(false);
  const make = async () => {
    setBusy(true);
    const wanted = name.trim() === '' ? usual : name.trim();
    const made = await createDocument('tree', emptyTree(freshId(wanted, new Set()), wanted, owner));
    if (made.ok) router.push(`/board/${idToAddress(made.value.id)}`);
    else {
      setProblems(made.problems);
      setBusy(false);
    }
  };
  return (
    <form
      aria-label="A new tree"
      className="mt-3 grid max-w-md gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void make();
      }}
    >
      <label htmlFor={id} className="font-figure text-[15px] font-medium">
        Name of the new tree
      </label>
      <input
        id={id}
        value={name}
        maxLength={160}
        autoComplete="off"
        placeholder={usual}
        onChange={(event) => setName(event.target.value)}
        className={`${selectClass} w-full placeholder:text-soft`}
      />
      <fieldset className="flex flex-wrap gap-x-6">
        <legend className="text-[13px] text-soft">“I” in it</legend>
        {OWNERS.map(([whose, words]) => (
          <label key={whose} className="flex min-h-11 items-center gap-2">
            <input type="radio" name={`${id} owner`} checked={owner === whose} onChange={() => setOwner(whose)} />
            {words}
          </label>
        ))}
      </fieldset>
      {problems.map((problem) => (
        <p key={problem} role="alert" className="border-l-[3px] border-red pl-3">
          {problem}
        </p>
      ))}
      <button type="submit" disabled={busy} className={`${buttonClass} min-h-11 justify-self-start`}>
        Begin it
      </button>
    </form>
  );
}
