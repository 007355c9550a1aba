-- Hours of an oven's own, where it may not run whenever somebody is in the studio.

alter table oven add column opens text;
alter table oven add column closes text;
