-- Mixes in mixes, what is strewn in, units and retiring; lots and clays no longer sold; leftovers, trials, roller machines.

alter table studio add column machine_g real not null default 0;
alter table studio add column scale_step_g real not null default 0.1;

alter table clay add column sold integer not null default 1;
alter table clay add column swatch_measured integer not null default 0;
alter table clay add column drop_g real;
alter table clay add column lot_in_use integer; -- position of a lot; null for the swatch of the clay itself

create table clay_lot (
    clay_id integer not null references clay (id) on delete cascade,
    position integer not null,
    name text not null,
    bought_on text not null,
    raw_hex text not null,
    cured_hex text not null,
    primary key (clay_id, position)
) strict, without rowid;

alter table mix add column unit text not null default 'PARTS';
alter table mix add column retired integer not null default 0;

-- A part of a mix is a clay or another mix: the table is made anew, for the clay may now be missing.
create table mix_line (
    mix_id integer not null references mix (id) on delete cascade,
    position integer not null,
    clay_id integer references clay (id),
    inner_mix_id integer references mix (id),
    parts real not null,
    primary key (mix_id, position),
    check ((clay_id is null) <> (inner_mix_id is null))
) strict, without rowid;

insert into mix_line select mix_id, position, clay_id, null, parts from mix_part;
drop table mix_part;

create index mix_line_by_clay on mix_line (clay_id);
create index mix_line_by_mix on mix_line (inner_mix_id);

create table mix_inclusion (
    mix_id integer not null references mix (id) on delete cascade,
    position integer not null,
    name text not null,
    percent real not null,
    effect text not null,
    price_minor integer not null, -- of 100 g
    primary key (mix_id, position)
) strict, without rowid;

-- The box of leftovers is one thing, so that merging lumps is one change.
create table leftovers (
    id integer primary key check (id = 1),
    edition integer not null
) strict;

create table lump (
    position integer primary key,
    name text not null,
    made_on text not null,
    mass_g real not null,
    mix_id integer references mix (id)
) strict;

create index lump_by_mix on lump (mix_id);

create table lump_part (
    lump integer not null references lump (position) on delete cascade,
    position integer not null,
    clay_id integer not null references clay (id),
    parts real not null,
    primary key (lump, position)
) strict, without rowid;

create index lump_part_by_clay on lump_part (clay_id);

create table trial (
    id integer primary key,
    edition integer not null,
    name text not null,
    made_on text not null,
    note text not null
) strict;

create table trial_row (
    trial_id integer not null references trial (id) on delete cascade,
    position integer not null,
    name text not null,
    hex text,
    note text not null,
    chosen integer not null,
    primary key (trial_id, position)
) strict, without rowid;

create table machine (
    id integer primary key,
    edition integer not null,
    name text not null,
    roller_mm real not null
) strict;

create table machine_setting (
    machine_id integer not null references machine (id) on delete cascade,
    position integer not null,
    name text not null,
    thick_mm real not null,
    primary key (machine_id, position)
) strict, without rowid;
