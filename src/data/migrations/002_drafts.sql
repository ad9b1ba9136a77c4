-- Readings that nobody has kept: saved by themselves as they are worked on, one for each desk that is open.

create table drafts (
  id uuid primary key,
  player_id text not null references players (id) on delete cascade,
  -- The shot in the situation format, as it was typed.
  shot jsonb not null,
  called text not null,
  saved_at timestamptz not null default now()
);

create index drafts_by_time on drafts (saved_at desc);
