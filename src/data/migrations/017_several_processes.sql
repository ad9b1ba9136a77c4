-- Several processes on one database: each may ask as the guests' role, and balls are numbered in the order in which they are there to be
-- seen, or whoever asks for what came after a number would miss one that was numbered earlier and came later.

do $$
begin
  if not pg_has_role(current_user, 'mellow_guest', 'member') then
    execute format('grant mellow_guest to %I', current_user);
  end if;
end $$;

create function mellow_ball_numbered() returns trigger language plpgsql
  as $$
    begin
      -- Held until this one's change is there to be seen: one at a time in each lesson.
      perform pg_advisory_xact_lock(hashtextextended(new.lesson_id::text, 0));
      if tg_op = 'INSERT' then
        new.seq := nextval('balls_seq_seq');
      end if;
      new.touched := nextval('balls_touched');
      return new;
    end
  $$;

create trigger balls_are_numbered before insert or update on balls for each row execute function mellow_ball_numbered();
