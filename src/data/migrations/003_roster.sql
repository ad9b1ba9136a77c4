-- What a roster knows of a player, shots off grass, and the academy's own defaults.

alter table players
  add column usual_miss text check (usual_miss in ('heavy', 'thin', 'lead-side', 'trail-side')),
  add column cautions jsonb not null default '[]',
  -- Units of this player's cards; the academy's when null.
  add column units text check (units in ('yards', 'metres')),
  -- Preferred schools by id.
  add column schools jsonb not null default '[]',
  add column notes text not null default '',
  add column archived_at timestamptz,
  add column deleted_at timestamptz,
  add column updated_at timestamptz not null default now();

create index players_by_name on players (lower(name)) where deleted_at is null;

-- Full shots off grass, from which stock carries can be taken.
create table grass_shots (
  id bigint generated always as identity primary key,
  player_id text not null references players (id) on delete cascade,
  club text not null check (length(club) between 1 and 24),
  carry_m double precision not null check (carry_m > 0 and carry_m < 350),
  hit_at timestamptz not null default now()
);

create index grass_shots_by_club on grass_shots (player_id, club, hit_at desc);

-- One row: the house.
create table academy (
  id integer primary key default 1 check (id = 1),
  -- In the form of the academy's settings: name, handed, skill, units, schools.
  settings jsonb not null,
  updated_at timestamptz not null default now()
);
