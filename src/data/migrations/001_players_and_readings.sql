-- Players, the clubs they carry, and readings kept at the desk.

create table players (
  id text primary key check (id ~ '^[a-z0-9-]{1,60}$'),
  name text not null check (length(name) between 1 and 80),
  handed text not null check (handed in ('right', 'left')),
  skill text not null check (skill in ('expert', 'good', 'middle', 'beginner')),
  created_at timestamptz not null default now()
);

create table clubs (
  player_id text not null references players (id) on delete cascade,
  position integer not null,
  name text not null check (length(name) between 1 and 24),
  -- The club in the situation format: type, loft_deg, bounce_deg, stock_carry_yd and so on.
  make jsonb not null,
  primary key (player_id, position),
  unique (player_id, name)
);

create table readings (
  id uuid primary key default gen_random_uuid(),
  name text not null check (length(name) between 1 and 120),
  player_id text not null references players (id) on delete cascade,
  -- The shot in the situation format, as it was typed.
  shot jsonb not null,
  -- What was called when it was saved, in a line.
  called text not null,
  model text not null,
  saved_at timestamptz not null default now(),
  deleted_at timestamptz
);

create index readings_by_time on readings (saved_at desc) where deleted_at is null;
