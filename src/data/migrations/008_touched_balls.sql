-- The order in which balls were logged or changed: who looks again asks for what was touched since.

create sequence balls_touched;
alter table balls add column touched bigint not null default 0;
update balls set touched = seq;
select setval('balls_touched', coalesce((select max(seq) from balls), 0) + 1);
alter table balls alter column touched set default nextval('balls_touched');
create index balls_by_touched on balls (lesson_id, touched);
