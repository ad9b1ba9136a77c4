-- A ball of the simulated tracker is not the tracker's: it is marked, counted, and taken away with the others of its kind.

alter table balls drop constraint balls_source_check;
alter table balls add constraint balls_source_check check (source in ('hand', 'tracker', 'simulated'));
create index balls_simulated on balls (player_id) where source = 'simulated';
