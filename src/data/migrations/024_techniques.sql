-- How far a player has each technique that has to be practised first, by its id; null where nobody says.

alter table players add column techniques jsonb;
