-- Photos and sketches of the coach's own, each once by what it holds; documents name them by their hash.
create table pictures (
  gym_id uuid not null,
  hash text not null,
  media_type text not null,
  bytes bytea not null,
  made_at timestamptz not null default now(),
  constraint pictures_pkey primary key (gym_id, hash),
  constraint pictures_gym_fkey foreign key (gym_id) references gyms (gym_id) on delete cascade,
  constraint pictures_hash_is_of_its_bytes check (hash = encode(sha256(bytes), 'hex')),
  constraint pictures_media_type_known check (media_type in ('image/jpeg', 'image/png')),
  constraint pictures_small check (length(bytes) between 1 and 200000)
);
-- Packed already: trying to pack them again only costs time.
alter table pictures alter column bytes set storage external;
