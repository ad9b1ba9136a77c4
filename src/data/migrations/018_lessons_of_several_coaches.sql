-- A lesson belongs to the coaches of all its players. Whether its plan may be changed hangs on what it has, not on what of it who asks may see.

-- Players of a lesson who are in the roster, and whether who asks may see each; of a lesson alone that may be seen.
create function mellow_lesson_players(lesson uuid) returns table (player text, seen boolean)
  language sql stable security definer set search_path = public, pg_temp
  as $$
    select p.id, mellow_role() = '' or mellow_sees_player(p.id)
    from lessons l join players p on l.plan -> 'players' ? p.id
    where l.id = lesson and p.deleted_at is null
      and (mellow_role() = '' or mellow_sees_lesson(l.id, l.plan, l.closed_at, l.deleted_at))
  $$;

-- How many balls of each player are logged at each station of such a lesson.
create function mellow_lesson_balls(lesson uuid) returns table (player text, station integer, balls integer)
  language sql stable security definer set search_path = public, pg_temp
  as $$
    select b.player_id, b.station, count(*)::int
    from lessons l join balls b on b.lesson_id = l.id
    where l.id = lesson and b.deleted_at is null
      and (mellow_role() = '' or mellow_sees_lesson(l.id, l.plan, l.closed_at, l.deleted_at))
    group by b.player_id, b.station
  $$;
