-- More than one oven, with several trays; what the maker wants of the plan; how a piece is baked and cooled; what a
-- probe read.

create table more_ovens (
    id integer primary key,
    edition integer not null,
    name text not null,
    tray_width_mm real not null,
    tray_depth_mm real not null,
    clearance_mm real not null,
    gap_mm real not null,
    preheat_min real not null,
    preheat_kwh real not null,
    hold_kw real not null,
    unload_min real not null,
    cold integer not null,
    air text not null
) strict;

insert into more_ovens select *, 0, 0, 'STILL' from oven;
drop table oven;
alter table more_ovens rename to oven;

-- Free heights above further trays; the first is the oven's own.
create table oven_shelf (
    oven_id integer not null references oven (id) on delete cascade,
    position integer not null,
    clearance_mm real not null,
    primary key (oven_id, position)
) strict, without rowid;

-- How much warmer than the middle it is at places on the tray.
create table hot_spot (
    oven_id integer not null references oven (id) on delete cascade,
    position integer not null,
    left_mm real not null,
    back_mm real not null,
    off_c real not null,
    primary key (oven_id, position)
) strict, without rowid;

alter table oven_load add column oven_id integer not null default 1;

alter table clay_line add column dries_h real; -- hours in the air per 6 mm; null: baked

alter table piece add column school text; -- null: the studio's
alter table stage add column quench integer not null default 0;

create table wishes (
    id integer primary key check (id = 1),
    edition integer not null
) strict;

create table pin (
    position integer primary key,
    oven_id integer not null,
    in_at text -- null: only what is in it is held
) strict;

create table pin_item (
    pin integer not null references pin (position) on delete cascade,
    position integer not null,
    run_id integer not null,
    piece_id integer not null,
    stage integer not null,
    count integer not null,
    primary key (pin, position)
) strict, without rowid;

create table apart (
    position integer primary key,
    run_id integer not null,
    piece_id integer not null,
    stage integer not null,
    other_run_id integer not null,
    other_piece_id integer not null,
    other_stage integer not null
) strict;

create table probe (
    oven_id integer primary key references oven (id) on delete cascade,
    token text not null unique
) strict;

-- At, in milliseconds of the studio's own time since 1970.
create table probe_reading (
    oven_id integer not null references oven (id) on delete cascade,
    at_ms integer not null,
    temp_c real not null,
    primary key (oven_id, at_ms)
) strict, without rowid;
