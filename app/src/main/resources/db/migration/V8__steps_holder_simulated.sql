-- Editions never begin again, changes are undone in steps, and what only lived in memory is kept.

-- The last edition that a thing had before it was removed: the next one of the same number goes on from there.
create table past_edition (
    kind text not null,
    id integer not null,
    edition integer not null,
    primary key (kind, id)
) strict, without rowid;

create trigger studio_goes after delete on studio begin
    insert into past_edition values ('studio', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger studio_comes after insert on studio begin
    update studio set edition = max(edition, 1 + (select edition from past_edition where kind = 'studio' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'studio' and id = new.id);
end;

create trigger oven_goes after delete on oven begin
    insert into past_edition values ('oven', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger oven_comes after insert on oven begin
    update oven set edition = max(edition, 1 + (select edition from past_edition where kind = 'oven' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'oven' and id = new.id);
end;

create trigger clay_line_goes after delete on clay_line begin
    insert into past_edition values ('clay_line', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger clay_line_comes after insert on clay_line begin
    update clay_line set edition = max(edition, 1 + (select edition from past_edition where kind = 'clay_line' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'clay_line' and id = new.id);
end;

create trigger clay_goes after delete on clay begin
    insert into past_edition values ('clay', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger clay_comes after insert on clay begin
    update clay set edition = max(edition, 1 + (select edition from past_edition where kind = 'clay' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'clay' and id = new.id);
end;

create trigger bought_part_goes after delete on bought_part begin
    insert into past_edition values ('bought_part', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger bought_part_comes after insert on bought_part begin
    update bought_part set edition = max(edition, 1 + (select edition from past_edition where kind = 'bought_part' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'bought_part' and id = new.id);
end;

create trigger mix_goes after delete on mix begin
    insert into past_edition values ('mix', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger mix_comes after insert on mix begin
    update mix set edition = max(edition, 1 + (select edition from past_edition where kind = 'mix' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'mix' and id = new.id);
end;

create trigger piece_goes after delete on piece begin
    insert into past_edition values ('piece', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger piece_comes after insert on piece begin
    update piece set edition = max(edition, 1 + (select edition from past_edition where kind = 'piece' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'piece' and id = new.id);
end;

create trigger run_goes after delete on run begin
    insert into past_edition values ('run', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger run_comes after insert on run begin
    update run set edition = max(edition, 1 + (select edition from past_edition where kind = 'run' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'run' and id = new.id);
end;

create trigger progress_goes after delete on progress begin
    insert into past_edition values ('progress', old.run_id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger progress_comes after insert on progress begin
    update progress set edition = max(edition, 1 + (select edition from past_edition where kind = 'progress' and id = new.run_id))
        where run_id = new.run_id and exists (select 1 from past_edition where kind = 'progress' and id = new.run_id);
end;

create trigger wire_coil_goes after delete on wire_coil begin
    insert into past_edition values ('wire_coil', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger wire_coil_comes after insert on wire_coil begin
    update wire_coil set edition = max(edition, 1 + (select edition from past_edition where kind = 'wire_coil' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'wire_coil' and id = new.id);
end;

create trigger trial_tile_goes after delete on trial_tile begin
    insert into past_edition values ('trial_tile', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger trial_tile_comes after insert on trial_tile begin
    update trial_tile set edition = max(edition, 1 + (select edition from past_edition where kind = 'trial_tile' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'trial_tile' and id = new.id);
end;

create trigger leftovers_goes after delete on leftovers begin
    insert into past_edition values ('leftovers', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger leftovers_comes after insert on leftovers begin
    update leftovers set edition = max(edition, 1 + (select edition from past_edition where kind = 'leftovers' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'leftovers' and id = new.id);
end;

create trigger trial_goes after delete on trial begin
    insert into past_edition values ('trial', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger trial_comes after insert on trial begin
    update trial set edition = max(edition, 1 + (select edition from past_edition where kind = 'trial' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'trial' and id = new.id);
end;

create trigger machine_goes after delete on machine begin
    insert into past_edition values ('machine', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger machine_comes after insert on machine begin
    update machine set edition = max(edition, 1 + (select edition from past_edition where kind = 'machine' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'machine' and id = new.id);
end;

create trigger wishes_goes after delete on wishes begin
    insert into past_edition values ('wishes', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger wishes_comes after insert on wishes begin
    update wishes set edition = max(edition, 1 + (select edition from past_edition where kind = 'wishes' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'wishes' and id = new.id);
end;

create trigger oven_load_goes after delete on oven_load begin
    insert into past_edition values ('oven_load', old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;

create trigger oven_load_comes after insert on oven_load begin
    update oven_load set edition = max(edition, 1 + (select edition from past_edition where kind = 'oven_load' and id = new.id))
        where id = new.id and exists (select 1 from past_edition where kind = 'oven_load' and id = new.id);
end;

-- Changes of one step are undone together.
alter table change add column step integer;
update change set step = id;

-- The process that has this file open.
create table holder (
    id integer primary key check (id = 1),
    pid integer not null,
    started_at text not null
) strict;

-- A probe's password outlives its oven, so that undoing the removal of an oven brings its probe back.
alter table probe rename to old_probe;
create table probe (
    oven_id integer primary key,
    token text not null unique
) strict;
insert into probe select * from old_probe;
drop table old_probe;

-- Ovens that are simulated.
create table simulated_oven (
    oven_id integer primary key,
    simulated integer not null,
    preset text not null,
    fault text not null
) strict;

-- The studio's clock, when it does not go as the one on the wall.
create table studio_clock (
    id integer primary key check (id = 1),
    studio_at text not null,
    wall_at text not null,
    speed real not null
) strict;

-- A word that only this studio has, and its copies: what a page keeps for one studio is never sent to another.
create table studio_id (id text not null) strict;
insert into studio_id values (lower(hex(randomblob(8))));

-- Whether a cure is held longer where the heat needs it to reach the middle.
alter table studio add column by_heat integer not null default 0;
