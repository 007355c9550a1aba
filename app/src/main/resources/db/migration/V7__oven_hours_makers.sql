-- Hours of an oven's own, where it may not run whenever somebody is in the studio; and how many are at the bench.

alter table oven add column opens text;
alter table oven add column closes text;
alter table studio add column makers integer not null default 1;
