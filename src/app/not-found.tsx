import Link from 'next/link';

export default function NotFound() {
  return (
    <main className="p-8">
      <h1 className="text-[29px]">There is nothing here</h1>
      <p>
        The tree may have been deleted or renamed.{' '}
        <Link href="/files" className="underline">
          See all trees
        </Link>{' '}
        or{' '}
        <Link href="/" className="underline">
          go to the last one worked on
        </Link>
        .
      </p>
    </main>
  );
}
