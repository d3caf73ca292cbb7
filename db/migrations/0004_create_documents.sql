-- One store for everything: whatever a gym keeps is a document (kind, revision, log of changes) or a fact (never changed).
-- The gym that this machine serves; at most one.
alter table gyms add column is_home boolean;
update gyms set is_home = true where gym_id = (select gym_id from gyms order by created_at, gym_id limit 1);
create unique index gyms_home_idx on gyms (is_home) where is_home;

-- Order of work: a counter, not a clock, so that a clock that was wrong once misleads nobody.
create sequence document_touches;

create table documents (
  gym_id uuid not null,
  kind text not null,
  document_id text not null,
  -- Version of the form in which body and rows are stored; the program upgrades older ones.
  form integer not null,
  revision integer not null default 1,
  name text not null,
  body jsonb not null,
  -- Size of the document as a file in normal form.
  bytes integer not null default 0,
  touched bigint not null default nextval('document_touches'),
  -- The moment, not that of the transaction: documents made together keep their order.
  created_at timestamptz not null default clock_timestamp(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  constraint documents_pkey primary key (gym_id, kind, document_id),
  constraint documents_gym_fkey foreign key (gym_id) references gyms (gym_id) on delete cascade,
  constraint documents_kind_is_a_word check (kind ~ '^[a-z][A-Za-z]{0,39}$'),
  constraint documents_name_filled check (name ~ '\S'),
  constraint documents_revision_positive check (revision > 0 and form > 0),
  constraint documents_body_same_id check (body ->> 'id' = document_id)
);
create index documents_touched_idx on documents (gym_id, kind, touched desc);

-- Entries of the lists that a kind stores and changes one by one (a tree: positions, transitions).
create table document_rows (
  gym_id uuid not null,
  kind text not null,
  document_id text not null,
  list text not null,
  row_id text not null,
  ordinal integer not null,
  body jsonb not null,
  constraint document_rows_pkey primary key (gym_id, kind, document_id, list, row_id),
  constraint document_rows_document_fkey foreign key (gym_id, kind, document_id) references documents (gym_id, kind, document_id) on delete cascade,
  constraint document_rows_body_same_id check (body ->> 'id' = row_id)
);

-- What each revision changed, by whom, and in which form; `former` is the whole document before an upgrade.
create table document_changes (
  gym_id uuid not null,
  kind text not null,
  document_id text not null,
  revision integer not null,
  form integer not null,
  edit_id uuid,
  label text not null,
  diff jsonb not null,
  former jsonb,
  made_by text,
  made_at timestamptz not null default now(),
  constraint document_changes_pkey primary key (gym_id, kind, document_id, revision),
  constraint document_changes_document_fkey foreign key (gym_id, kind, document_id) references documents (gym_id, kind, document_id) on delete cascade,
  constraint document_changes_made_by_filled check (made_by ~ '\S' and length(made_by) <= 80)
);
-- The same edit sent twice is stored once.
create unique index document_changes_edit_idx on document_changes (gym_id, edit_id);

-- What happened (rounds, tallies, attendance): written once under an id of the window's making, never changed.
create table facts (
  gym_id uuid not null,
  kind text not null,
  fact_id uuid not null,
  body jsonb not null,
  made_by text,
  made_at timestamptz not null default now(),
  constraint facts_pkey primary key (gym_id, kind, fact_id),
  constraint facts_gym_fkey foreign key (gym_id) references gyms (gym_id) on delete cascade,
  constraint facts_kind_is_a_word check (kind ~ '^[a-z][A-Za-z]{0,39}$'),
  constraint facts_made_by_filled check (made_by ~ '\S' and length(made_by) <= 80)
);
create function refuse_update() returns trigger language plpgsql as $$
begin
  raise exception 'a fact is never changed' using errcode = 'restrict_violation', constraint = 'facts_never_change';
end $$;
create trigger facts_never_change before update on facts for each row execute function refuse_update();

-- What was stored so far, in its own form (1): the program upgrades it when it is first read.
insert into documents (gym_id, kind, document_id, form, revision, name, body, touched, created_at, updated_at)
select gym_id, 'tree', tree_id, 1, revision, name, header,
  row_number() over (order by least(updated_at, now()), tree_id), created_at, updated_at
from trees;
select setval('document_touches', (select count(*) + 1 from trees));
insert into document_rows (gym_id, kind, document_id, list, row_id, ordinal, body)
select gym_id, 'tree', tree_id, 'positions', position_id, ordinal, body from positions;
insert into document_rows (gym_id, kind, document_id, list, row_id, ordinal, body)
select gym_id, 'tree', tree_id, 'transitions', transition_id, ordinal, body from transitions;
insert into document_changes (gym_id, kind, document_id, revision, form, label, diff, made_by, made_at)
select gym_id, 'tree', tree_id, revision, 1, label, diff, made_by, made_at from tree_changes;
insert into documents (gym_id, kind, document_id, form, revision, name, body, updated_at)
select gym_id, 'class', tree_id, 1, revision, 'Next class',
  plan || jsonb_build_object('id', tree_id, 'name', 'Next class', 'tree', tree_id), updated_at
from class_plans;
insert into documents (gym_id, kind, document_id, form, name, body)
select distinct gym_id, 'catalogueWords', 'own', 1, 'Catalogue', '{"id": "own", "name": "Catalogue"}'::jsonb from catalogue_entries;
insert into document_rows (gym_id, kind, document_id, list, row_id, ordinal, body)
select gym_id, 'catalogueWords', 'own', kind, entry_id, row_number() over (partition by gym_id, kind order by entry_id) - 1, body
from catalogue_entries;

drop table class_plans, catalogue_entries, tree_changes, transitions, positions, trees;
