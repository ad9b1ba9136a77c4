-- Homework of single players, beside that for everyone: a list of {player, text}.

alter table lessons add column own_homework jsonb not null default '[]';
