-- Scenes that trainees read and called, and what of them was right. What is believed of a trainee is worked out from these.

create table eye_results (
  -- Given where it was answered: a result that is sent twice is saved once.
  id uuid primary key,
  player_id text not null references players (id) on delete cascade,
  answered_at timestamptz not null,
  -- The result in its outside form.
  result jsonb not null
);

create index eye_results_of_player on eye_results (player_id, answered_at desc);
