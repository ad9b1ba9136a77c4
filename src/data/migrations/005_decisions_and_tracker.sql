-- What a coach decided about learnings, and the tracker whose balls are taken.

create table learning_decisions (
  id bigint generated always as identity primary key,
  player_id text not null references players (id) on delete cascade,
  decision text not null check (decision in ('accepted', 'held', 'let-go')),
  -- The version that calls use from then on; none for the skill alone.
  version integer,
  -- Balls that the learning was from.
  balls integer not null,
  decided_at timestamptz not null default now()
);

create index learning_decisions_of_player on learning_decisions (player_id, id);

insert into learning_decisions (player_id, decision, version, balls, decided_at)
select player_id, 'accepted', version, (factors ->> 'balls')::integer, accepted_at
from learnings order by accepted_at;

create table tracker (
  id integer primary key default 1 check (id = 1),
  -- SHA-256 of the key; the key itself is shown once and kept nowhere.
  key_hash text,
  key_made_at timestamptz,
  -- What its balls are taken for, and when a lesson last said so.
  aim jsonb,
  aimed_at timestamptz
);

insert into tracker default values;

-- Version of what was learnt of the player that a kept call was made with; none for the skill alone.
alter table readings add column learnt integer;
