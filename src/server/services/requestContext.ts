import { headers } from 'next/headers';
import { connection } from 'next/server';
import { whoFrom } from '@/contracts/whoName';
import { getDb } from '../db/client';
import { localContext, type Context } from './context';

/** The context of the request that is being answered. */
export async function requestContext(): Promise<Context> {
  await connection();
  return localContext(getDb(), whoFrom((await headers()).get('cookie')));
}
