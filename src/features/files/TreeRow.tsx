import type { ReactNode } from 'react';
import { idToAddress } from '@/contracts/address';
import { plural } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import { LocalTime } from '@/ui/LocalTime';
import { PageLink } from '@/ui/PageLink';

export interface FileRow {
  readonly treeId: string;
  readonly name: string;
  readonly revision: number;
  readonly positions: number;
  /** ISO 8601 */
  readonly updated: string;
}
interface Props {
  readonly row: FileRow;
  readonly onCopy: () => void;
  readonly onRename: (name: string) => void;
  readonly onDelete: () => void;
}

const LINK = 'inline-flex min-h-11 items-center font-figure text-[15px] underline';

/** What belongs together, under one word. */
function Row({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center gap-x-5">
      <span className="w-24 shrink-0 text-[13px] text-soft">{title}</span>
      {children}
    </div>
  );
}

/** A tree: its name, to be changed where it stands, and all that can be done with it. */
export function TreeRow({ row, onCopy, onRename, onDelete }: Props) {
  const id = idToAddress(row.treeId);
  const save = (words: string, path: string) => (
    <a href={`/api/trees/${id}/${path}`} download className={LINK}>
      {words}
    </a>
  );
  return (
    <li className="border-t border-hair py-2">
      <InlineName label={`Name of the tree ${row.name}`} value={row.name} onChange={onRename} className="text-[19px]" />
      <p className="text-soft">
        {plural(row.positions, 'position')}; changed <LocalTime iso={row.updated} />, revision {row.revision}
      </p>
      <Row title="Open">
        <PageLink href={`/board/${id}`} className={`${LINK} font-medium`}>
          Board
        </PageLink>
        <PageLink href={`/history/${id}`} className={LINK}>
          Log
        </PageLink>
        <PageLink href={`/rules/${id}`} className={LINK}>
          Rules and people
        </PageLink>
        <PageLink href={`/compare/${id}`} className={LINK}>
          Compare
        </PageLink>
      </Row>
      <Row title="Take along">
        {save('Pocket page', 'pocket')}
        {save('Pocket page with pictures', 'pocket?pictures')}
        {save('Tree file', 'file')}
        {save('Tree file with pictures', 'file?pictures')}
      </Row>
      <Row title="Change">
        <button type="button" className={LINK} onClick={onCopy}>
          Copy for a group
        </button>
        <button type="button" className={`${LINK} text-red`} onClick={onDelete}>
          Delete
        </button>
      </Row>
    </li>
  );
}
