-- A passphrase that somebody else gave is changed by its owner before anything else is done.

alter table accounts add column given boolean not null default false;
