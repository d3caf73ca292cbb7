import { idFromAddress } from '@/contracts/address';
import { isDocumentKind, type DocumentKind } from '@/documents/lists';
import type { Context } from '../services/context';
import { requestContext } from '../services/requestContext';
import { refuse, respond } from './respond';

type Params<Names extends string> = { readonly params: Promise<Record<Names, string>> };
const NOTHING = 'There is nothing at this address.';

/** A route below a tree: its id is read from the address once, here. */
export const treeRoute =
  <R extends Request>(name: string, work: (context: Context, treeId: string, request: R) => Promise<Response>) =>
  (request: R, { params }: Params<'tree'>): Promise<Response> =>
    respond(name, async () => {
      const treeId = idFromAddress((await params).tree);
      return treeId === null ? refuse(404, [NOTHING]) : work(await requestContext(), treeId, request);
    });

/** A route of a kind of document. */
export const kindRoute =
  <R extends Request>(name: string, work: (context: Context, kind: DocumentKind, request: R) => Promise<Response>) =>
  (request: R, { params }: Params<'kind'>): Promise<Response> =>
    respond(name, async () => {
      const { kind } = await params;
      return isDocumentKind(kind) ? work(await requestContext(), kind, request) : refuse(404, [NOTHING]);
    });

/** A route of one document. */
export const documentRoute =
  <R extends Request>(name: string, work: (context: Context, kind: DocumentKind, id: string, request: R) => Promise<Response>) =>
  (request: R, { params }: Params<'kind' | 'id'>): Promise<Response> =>
    respond(name, async () => {
      const { kind, id: segment } = await params;
      const id = idFromAddress(segment);
      if (!isDocumentKind(kind) || id === null) return refuse(404, [NOTHING]);
      return work(await requestContext(), kind, id, request);
    });
