-- The players of a lesson stand in its plan alone; this is how lessons are found by them.

drop table lesson_players;

create index lessons_by_player on lessons using gin ((plan -> 'players'));
