-- The club of the bag that a player trusts from sand; none when null.

alter table players add column trusted_club text check (length(trusted_club) between 1 and 24);
