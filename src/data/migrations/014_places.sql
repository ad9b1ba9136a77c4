-- Ground that coaches drew: places with their bunkers and greens, pictures that they were traced from, what devices measured.

create table places (
  id uuid primary key,
  -- The place in its outside form.
  place jsonb not null,
  deleted_at timestamptz,
  changed_at timestamptz not null default now(),
  created_at timestamptz not null default now()
);

create table place_pictures (
  place_id uuid primary key references places (id) on delete cascade,
  media_type text not null,
  picture bytea not null,
  width integer not null,
  height integer not null,
  -- From its pixels to the ground; null until two known points scale it.
  scale jsonb
);

create table measures (
  -- Given by the device: a line that is sent twice is kept once.
  id uuid primary key,
  seq bigserial,
  line jsonb not null,
  taken_at timestamptz not null default now()
);

create index measures_in_order on measures (seq);
