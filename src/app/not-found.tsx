import { PageLink } from '@/ui/PageLink';

export default function NotFound() {
  return (
    <main className="p-8">
      <h1 className="text-[29px]">There is nothing here</h1>
      <p>
        The tree may have been deleted or renamed.{' '}
        <PageLink href="/files" className="underline">
          See all trees
        </PageLink>{' '}
        or{' '}
        <PageLink href="/" className="underline">
          go to the last one worked on
        </PageLink>
        .
      </p>
    </main>
  );
}
