-- Whoever watches a lesson is told when a ball of it is logged, changed or taken away.

create function mellow_ball_touched() returns trigger language plpgsql
  as $$
    begin
      perform pg_notify('mellow_balls', new.lesson_id::text);
      return null;
    end
  $$;

create trigger balls_are_told after insert or update on balls for each row execute function mellow_ball_touched();
