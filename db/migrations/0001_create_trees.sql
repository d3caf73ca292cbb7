-- A gym is the unit of ownership: its id comes first in every key, so that rows can be distributed by gym.
create table gyms (
  gym_id uuid not null default gen_random_uuid(),
  name text not null,
  demo_loaded_at timestamptz,
  created_at timestamptz not null default now(),
  constraint gyms_pkey primary key (gym_id),
  constraint gyms_name_filled check (name ~ '\S')
);

create table trees (
  gym_id uuid not null,
  tree_id text not null,
  name text not null,
  owner text not null,
  header jsonb not null,
  revision integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  constraint trees_pkey primary key (gym_id, tree_id),
  constraint trees_gym_fkey foreign key (gym_id) references gyms (gym_id) on delete cascade,
  constraint trees_owner_known check (owner in ('passer', 'guardPlayer')),
  constraint trees_name_filled check (name ~ '\S'),
  constraint trees_revision_positive check (revision > 0)
);

-- One row a position: its reads and values live in the body, since they are read and written with it.
create table positions (
  gym_id uuid not null,
  tree_id text not null,
  position_id text not null,
  ordinal integer not null,
  name text not null,
  family text not null,
  body jsonb not null,
  constraint positions_pkey primary key (gym_id, tree_id, position_id),
  constraint positions_tree_fkey foreign key (gym_id, tree_id) references trees (gym_id, tree_id) on delete cascade,
  constraint positions_body_same_id check (body ->> 'id' = position_id)
);

create table transitions (
  gym_id uuid not null,
  tree_id text not null,
  transition_id text not null,
  ordinal integer not null,
  from_position text not null,
  to_position text not null,
  actor text not null,
  name text not null,
  body jsonb not null,
  constraint transitions_pkey primary key (gym_id, tree_id, transition_id),
  constraint transitions_tree_fkey foreign key (gym_id, tree_id) references trees (gym_id, tree_id) on delete cascade,
  -- Deferred: an edit may remove a position and its transitions in any order.
  constraint transitions_from_fkey foreign key (gym_id, tree_id, from_position) references positions (gym_id, tree_id, position_id) deferrable initially deferred,
  constraint transitions_to_fkey foreign key (gym_id, tree_id, to_position) references positions (gym_id, tree_id, position_id) deferrable initially deferred,
  constraint transitions_actor_known check (actor in ('owner', 'opponent')),
  constraint transitions_body_same_id check (body ->> 'id' = transition_id)
);
create index transitions_from_position_idx on transitions (gym_id, tree_id, from_position);
create index transitions_to_position_idx on transitions (gym_id, tree_id, to_position);

-- What each revision changed: a window with an older copy is shown these.
create table tree_changes (
  gym_id uuid not null,
  tree_id text not null,
  revision integer not null,
  label text not null,
  diff jsonb not null,
  made_at timestamptz not null default now(),
  constraint tree_changes_pkey primary key (gym_id, tree_id, revision),
  constraint tree_changes_tree_fkey foreign key (gym_id, tree_id) references trees (gym_id, tree_id) on delete cascade
);

create table class_plans (
  gym_id uuid not null,
  tree_id text not null,
  plan jsonb not null,
  revision integer not null default 1,
  updated_at timestamptz not null default now(),
  constraint class_plans_pkey primary key (gym_id, tree_id),
  constraint class_plans_tree_fkey foreign key (gym_id, tree_id) references trees (gym_id, tree_id) on delete cascade
);
