-- Drills that coaches changed or added, practice that players take home, and how it went.

create table drills (
  id text primary key,
  -- The drill in its outside form; null where the library's stands as it is.
  drill jsonb,
  archived boolean not null default false,
  changed_at timestamptz not null default now()
);

create table practice_plans (
  id uuid primary key,
  player_id text not null references players (id) on delete cascade,
  -- The plan in its outside form.
  plan jsonb not null,
  -- How often it was saved, and the most sessions that it ever had: calendars go by both.
  revision integer not null default 0,
  most integer not null,
  deleted_at timestamptz,
  created_at timestamptz not null default now()
);

create index practice_plans_of_player on practice_plans (player_id, created_at desc);

create table drill_results (
  -- Given where it was written down: a result that is sent twice is saved once.
  id uuid primary key,
  plan_id uuid not null references practice_plans (id) on delete cascade,
  drill text not null,
  day date not null,
  count integer not null,
  of_balls integer not null,
  note text not null default '',
  deleted_at timestamptz,
  logged_at timestamptz not null default now()
);

create index drill_results_of_plan on drill_results (plan_id, day);
