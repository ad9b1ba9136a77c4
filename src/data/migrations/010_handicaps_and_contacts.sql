-- Handicaps; and how a player is reached, apart from the players: lists, desk, lessons and cards never read it.

alter table players add column handicap double precision;

create table player_contacts (
  player_id text primary key references players (id) on delete cascade,
  birth_year integer,
  contact text not null default ''
);
