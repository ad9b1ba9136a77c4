-- Balls are appended without looking at the whole of their tables: who appends counts on the lesson's row, so that nobody changes the plan
-- in between, and whoever was changing it is told that it is no longer what it was.

alter table lessons add column appended bigint not null default 0;

-- Holds a lesson that may be seen, until the transaction is over; who may log balls in it may not always change it.
create function mellow_take_lesson(lesson uuid) returns void
  language sql volatile security definer set search_path = public, pg_temp
  as $$
    update lessons l set appended = appended + 1
    where l.id = lesson and (mellow_role() = '' or mellow_sees_lesson(l.id, l.plan, l.closed_at, l.deleted_at))
  $$;

-- All of the balls or, when one does not belong here, none; gives back the astray ones, and why. What belongs to a lesson is said here and
-- nowhere else. A ball that was not saved though nothing is seen against it is given back as one that is elsewhere: its id stands where
-- whoever asks sees nothing, or was sent a moment ago. A function, for a ball must be acknowledged quickly: what is looked at behind the lock
-- is looked at anew, in one question.
create function mellow_append(lesson uuid, balls_sent jsonb)
  returns table (id uuid, nth bigint, player text, station integer, stations integer, nowhere boolean, stranger boolean, gone text,
    no_station boolean, elsewhere boolean, unseen boolean)
  language plpgsql volatile
  as $$
    #variable_conflict use_column
    begin
      perform mellow_take_lesson(lesson);
      return query
      with sent as (
        select * from rows from (jsonb_to_recordset(balls_sent) as (id uuid, player text, station integer,
          call jsonb, seen jsonb, source text, hit_at timestamptz, excluded text))
          with ordinality as r (id, player, station, call, seen, source, hit_at, excluded, nth)
      ), judged as (
        select sent.*, l.plan is null as nowhere, jsonb_array_length(l.plan -> 'stations') as stations,
          not l.plan -> 'players' ? sent.player as stranger,
          (select p.name from players p where p.id = sent.player and p.deleted_at is not null) as gone,
          sent.station >= jsonb_array_length(l.plan -> 'stations') as no_station,
          exists (select from balls b where b.id = sent.id and b.lesson_id <> lesson) as elsewhere
        from sent left join lessons l on l.id = lesson and l.deleted_at is null
      ), astray as (
        select * from judged j where j.nowhere or j.stranger or j.gone is not null or j.no_station or j.elsewhere
      ), saved as (
        insert into balls (id, lesson_id, player_id, station, call, seen, source, hit_at, excluded)
        select j.id, lesson, j.player, j.station, j.call, j.seen, j.source, j.hit_at, j.excluded from judged j
        where not exists (select from astray) order by j.nth
        on conflict do nothing returning balls.id
      ), unsaved as (
        select * from judged j where not exists (select from astray)
          and not exists (select from saved where saved.id = j.id)
          and not exists (select from balls b where b.id = j.id and b.lesson_id = lesson)
      )
      select a.id, a.nth, a.player, a.station, a.stations, a.nowhere, a.stranger, a.gone, a.no_station, a.elsewhere, false
      from astray a union all
      select u.id, u.nth, u.player, u.station, u.stations, u.nowhere, u.stranger, u.gone, u.no_station, true, true from unsaved u
      order by 2;
    end
  $$;
