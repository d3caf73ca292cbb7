import { gymEntryEditSchema, type GymEntryEdit } from '@/contracts/gymEntry';
import { readJson } from '@/server/http/readJson';
import { refuse, respond } from '@/server/http/respond';
import { editGymEntries, findGymEntries } from '@/server/services/catalogueEntries';
import { getWorkplace } from '@/server/services/workplace';

/** What this gym changed in the catalogue and added to it. */
export const GET = () =>
  respond('catalogue', async () => {
    const { db, gymId } = await getWorkplace();
    return Response.json({ entries: await findGymEntries(db, gymId) });
  });

/** Puts and takes back entries of this gym; 422 with sentences when the catalogue would contradict itself. */
export const POST = (request: Request) =>
  respond('catalogue', async () => {
    const body = await readJson(request, gymEntryEditSchema);
    if (!body.ok) return body.error;
    const { db, gymId } = await getWorkplace();
    const edited = await editGymEntries(db, gymId, body.value as GymEntryEdit);
    return edited.ok ? Response.json({ entries: edited.value }) : refuse(422, edited.error);
  });
