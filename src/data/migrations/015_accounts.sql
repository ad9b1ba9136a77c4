-- Who may sign in where the server is opened to a network, and what each may see.

create table accounts (
  id uuid primary key default gen_random_uuid(),
  sign_in text not null check (sign_in ~ '^[a-z0-9][a-z0-9._-]{1,39}$'),
  name text not null check (length(name) between 1 and 80),
  role text not null check (role in ('head-coach', 'coach', 'assistant')),
  -- scrypt with its cost and salt; the passphrase itself is kept nowhere.
  passphrase text not null,
  created_at timestamptz not null default now(),
  ended_at timestamptz
);

create unique index accounts_by_sign_in on accounts (sign_in) where ended_at is null;

create table sessions (
  -- SHA-256 of what the browser holds.
  token_hash text primary key,
  id uuid not null unique default gen_random_uuid(),
  account_id uuid not null references accounts (id) on delete cascade,
  -- A phone that was brought to one lesson is an assistant there, whoever brought it.
  lesson_id uuid references lessons (id) on delete cascade,
  device text not null default '',
  began_at timestamptz not null default now(),
  used_at timestamptz not null default now(),
  ends_at timestamptz not null
);

create index sessions_of_account on sessions (account_id);

-- A word that brings a phone to one lesson: for a few minutes, and once.
create table pairings (
  word_hash text primary key,
  lesson_id uuid not null references lessons (id) on delete cascade,
  account_id uuid references accounts (id) on delete cascade,
  ends_at timestamptz not null,
  used_at timestamptz
);

-- Who coaches a player: a player of nobody in particular is everybody's.
create table player_coaches (
  player_id text not null references players (id) on delete cascade,
  account_id uuid not null references accounts (id) on delete cascade,
  primary key (player_id, account_id)
);

create index player_coaches_by_account on player_coaches (account_id);

create table player_links (
  id uuid primary key default gen_random_uuid(),
  -- SHA-256 of what stands in the address.
  token_hash text not null unique,
  player_id text not null references players (id) on delete cascade,
  made_at timestamptz not null default now(),
  ends_at timestamptz not null,
  withdrawn_at timestamptz,
  used_at timestamptz
);

create index player_links_of_player on player_links (player_id);

-- Failed tries of the last minutes, by name and by address.
create table sign_in_tries (
  who text not null,
  tried_at timestamptz not null default now()
);

create index sign_in_tries_by_who on sign_in_tries (who, tried_at);

create table security_log (
  id bigint generated always as identity primary key,
  happened_at timestamptz not null default now(),
  account_id uuid references accounts (id) on delete set null,
  what text not null check (length(what) between 1 and 120),
  device text not null default ''
);

-- Whoever is not a head coach asks as this role, whose rows are those that the policies below let it see.
do $$
begin
  if not exists (select from pg_roles where rolname = 'mellow_guest') then
    create role mellow_guest nologin;
  end if;
exception
  -- Another database of the same server made it at the same moment.
  when duplicate_object or unique_violation then null;
end $$;

grant usage on schema public to mellow_guest;
grant usage on all sequences in schema public to mellow_guest;
grant select, insert, update, delete on
  players, clubs, readings, drafts, grass_shots, lessons, balls, learnings, learning_decisions, player_contacts, drills,
  practice_plans, drill_results, bunker_tests, eye_results, places, place_pictures, measures, player_coaches
  to mellow_guest;
grant select, update on tracker to mellow_guest;
grant select on academy to mellow_guest;
grant select (id, name, role, ended_at) on accounts to mellow_guest;

create function mellow_role() returns text language sql stable
  as $$ select coalesce(current_setting('mellow.role', true), '') $$;

-- The one lesson that a phone was brought to; null for whoever sees more than one.
create function mellow_lesson() returns uuid language sql stable
  as $$ select nullif(current_setting('mellow.lesson', true), '')::uuid $$;

-- Whether who asks may see a player: a coach those of nobody in particular and the own, an assistant those of open lessons, a link its one.
create function mellow_sees_player(wanted text) returns boolean language sql stable security definer set search_path = public, pg_temp
  as $$
    select case mellow_role()
      when 'coach' then
        not exists (select from player_coaches c where c.player_id = wanted)
        or exists (select from player_coaches c where c.player_id = wanted
                   and c.account_id::text = current_setting('mellow.account', true))
      when 'assistant' then
        exists (select from lessons l where l.deleted_at is null and l.closed_at is null and l.plan -> 'players' ? wanted
                and l.id = coalesce(mellow_lesson(), l.id))
      when 'player' then wanted = current_setting('mellow.player', true)
      else false
    end
  $$;

-- Whether who asks may see a lesson: a coach one with any player whom the coach sees, or with none; an assistant an open one.
create function mellow_sees_lesson(lesson uuid, plan jsonb, closed timestamptz, deleted timestamptz) returns boolean
  language sql stable security definer set search_path = public, pg_temp
  as $$
    select case mellow_role()
      when 'coach' then
        coalesce(jsonb_array_length(plan -> 'players'), 0) = 0
        or exists (select from jsonb_array_elements_text(plan -> 'players') p where mellow_sees_player(p))
      when 'assistant' then closed is null and deleted is null and lesson = coalesce(mellow_lesson(), lesson)
      when 'player' then deleted is null and plan -> 'players' ? current_setting('mellow.player', true)
      else false
    end
  $$;

alter table players enable row level security;
create policy seen on players for select to mellow_guest using (mellow_sees_player(id));
create policy added on players for insert to mellow_guest with check (mellow_role() = 'coach');
create policy changed on players for update to mellow_guest
  using (mellow_role() = 'coach' and mellow_sees_player(id)) with check (mellow_role() = 'coach');
create policy deleted on players for delete to mellow_guest using (mellow_role() = 'coach' and mellow_sees_player(id));

-- What hangs on a player.
do $$
declare
  one text;
begin
  foreach one in array array['clubs', 'readings', 'drafts', 'grass_shots', 'learnings', 'learning_decisions',
    'player_contacts', 'practice_plans', 'bunker_tests', 'eye_results', 'balls']
  loop
    execute format('alter table %I enable row level security', one);
    execute format(
      'create policy coached on %I to mellow_guest using (mellow_role() = ''coach'' and mellow_sees_player(player_id))
       with check (mellow_role() = ''coach'' and mellow_sees_player(player_id))', one);
  end loop;
  -- A link shows these, and not what coaches note for themselves.
  foreach one in array array['clubs', 'learnings', 'practice_plans', 'bunker_tests', 'eye_results', 'balls']
  loop
    execute format(
      'create policy linked on %I for select to mellow_guest using (mellow_role() = ''player'' and mellow_sees_player(player_id))',
      one);
  end loop;
end $$;

create policy assisted on clubs for select to mellow_guest
  using (mellow_role() = 'assistant' and mellow_sees_player(player_id));
create policy assisted on balls to mellow_guest
  using (mellow_role() = 'assistant' and exists (select from lessons l where l.id = lesson_id))
  with check (mellow_role() = 'assistant' and exists (select from lessons l where l.id = lesson_id));

alter table lessons enable row level security;
create policy seen on lessons for select to mellow_guest using (mellow_sees_lesson(id, plan, closed_at, deleted_at));
create policy written on lessons to mellow_guest
  using (mellow_role() = 'coach' and mellow_sees_lesson(id, plan, closed_at, deleted_at)) with check (mellow_role() = 'coach');

alter table drill_results enable row level security;
create policy coached on drill_results to mellow_guest
  using (mellow_role() = 'coach' and exists (select from practice_plans p where p.id = plan_id))
  with check (mellow_role() = 'coach' and exists (select from practice_plans p where p.id = plan_id));
create policy linked on drill_results for select to mellow_guest
  using (mellow_role() = 'player' and exists (select from practice_plans p where p.id = plan_id));

-- What the whole academy shares.
do $$
declare
  one text;
begin
  foreach one in array array['drills', 'places', 'place_pictures', 'measures']
  loop
    execute format('alter table %I enable row level security', one);
    execute format('create policy shared on %I to mellow_guest using (mellow_role() = ''coach'') with check (mellow_role() = ''coach'')', one);
  end loop;
end $$;
create policy read on drills for select to mellow_guest using (mellow_role() = 'player');

alter table tracker enable row level security;
create policy aimed on tracker to mellow_guest
  using (mellow_role() in ('coach', 'assistant')) with check (mellow_role() in ('coach', 'assistant'));
alter table academy enable row level security;
create policy read on academy for select to mellow_guest using (true);
alter table accounts enable row level security;
create policy named on accounts for select to mellow_guest using (mellow_role() = 'coach');

-- A coach shares players whom the coach sees.
alter table player_coaches enable row level security;
create policy coached on player_coaches to mellow_guest
  using (mellow_role() = 'coach' and mellow_sees_player(player_id))
  with check (mellow_role() = 'coach' and mellow_sees_player(player_id));

-- A player whom a coach adds is that coach's.
create function mellow_adds_coach() returns trigger language plpgsql security definer set search_path = public, pg_temp
  as $$
    begin
      if mellow_role() = 'coach' then
        insert into player_coaches (player_id, account_id) values (new.id, current_setting('mellow.account')::uuid);
      end if;
      return null;
    end
  $$;
create trigger players_get_a_coach after insert on players for each row execute function mellow_adds_coach();
