-- Lessons, the balls hit in them, and what was learnt from balls.

create table lessons (
  id uuid primary key,
  held_on date not null,
  place text not null,
  -- The plan in its outside form.
  plan jsonb not null,
  summary text not null default '',
  homework text not null default '',
  closed_at timestamptz,
  deleted_at timestamptz,
  created_at timestamptz not null default now()
);

create index lessons_by_day on lessons (held_on desc, created_at desc) where deleted_at is null;

create table lesson_players (
  lesson_id uuid not null references lessons (id) on delete cascade,
  player_id text not null references players (id) on delete cascade,
  position integer not null,
  primary key (lesson_id, player_id)
);

create index lesson_players_by_player on lesson_players (player_id);

create table balls (
  -- Given by the device that logged it: a ball that is sent twice is saved once.
  id uuid primary key,
  -- The order in which the server took them; clocks of devices are not to be trusted.
  seq bigint generated always as identity,
  lesson_id uuid not null references lessons (id) on delete cascade,
  player_id text not null references players (id) on delete cascade,
  station integer not null,
  -- The set-up that it was hit for, and what was seen of it, in their outside forms.
  call jsonb not null,
  seen jsonb not null,
  source text not null check (source in ('hand', 'tracker')),
  hit_at timestamptz not null,
  excluded text not null default '',
  deleted_at timestamptz,
  saved_at timestamptz not null default now()
);

create index balls_of_lesson on balls (lesson_id, seq);
create index balls_of_player on balls (player_id, seq);

alter table players add column learnt jsonb;

create table learnings (
  player_id text not null references players (id) on delete cascade,
  version integer not null,
  factors jsonb not null,
  accepted_at timestamptz not null default now(),
  primary key (player_id, version)
);
