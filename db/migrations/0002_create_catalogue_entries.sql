-- What a gym changed in the shipped catalogue or added to it; the shipped entries themselves are part of the program.
create table catalogue_entries (
  gym_id uuid not null,
  kind text not null,
  entry_id text not null,
  body jsonb not null,
  updated_at timestamptz not null default now(),
  constraint catalogue_entries_pkey primary key (gym_id, kind, entry_id),
  constraint catalogue_entries_gym_fkey foreign key (gym_id) references gyms (gym_id) on delete cascade,
  constraint catalogue_entries_kind_known check (kind in ('changedPosition', 'changedTransition', 'position', 'transition')),
  constraint catalogue_entries_body_same_id check (body ->> 'id' = entry_id and body ->> 'kind' = kind)
);
