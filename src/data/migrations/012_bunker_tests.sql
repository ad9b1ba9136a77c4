-- Bunker tests: what each level is expected to do from their stations, and the balls that were hit.

create table bunker_tests (
  id uuid primary key,
  player_id text not null references players (id) on delete cascade,
  held_on date not null,
  -- The test in its outside form.
  test jsonb not null,
  deleted_at timestamptz,
  created_at timestamptz not null default now()
);

create index bunker_tests_of_player on bunker_tests (player_id, held_on desc, created_at desc);
