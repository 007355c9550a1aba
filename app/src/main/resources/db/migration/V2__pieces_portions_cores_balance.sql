-- All the geometry of the craft: more of a part, what a piece is built on, the versions of a piece that runs used, coils of wire.

alter table studio add column foil_loose_g_per_cm3 real not null default 0.25;
alter table studio add column foil_firm_g_per_cm3 real not null default 0.5;
alter table studio add column foil_hard_g_per_cm3 real not null default 0.95;
alter table studio add column cord_mm real not null default 6;

alter table piece add column collection text not null default '';
alter table piece add column pin_across_mm real;
alter table piece add column pin_up_mm real;

alter table part add column spares integer not null default 0;
alter table part add column around integer; -- position of the part inside it
alter table part add column core_floor text;
alter table part add column core_lobes integer;
alter table part add column facing text not null default 'UP';
alter table part add column outline text; -- JSON array of rings, each across, up, across, up ... in mm

create table piece_insert (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    name text not null,
    thick_mm real not null,
    length_mm real not null,
    covered_mm real not null,
    mass_g real not null,
    stays integer not null,
    ceiling_c real,
    contents text not null,
    turns integer not null,
    sheet_mm real not null,
    seam_mm real not null,
    across_mm real not null,
    up_mm real not null,
    primary key (piece_id, position)
) strict, without rowid;

create table wire (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    name text not null,
    gauge_mm real not null,
    metal text not null,
    count integer not null,
    legs text not null, -- JSON array of objects: lengthMm, turnDeg
    primary key (piece_id, position)
) strict, without rowid;

create table wire_coil (
    id integer primary key,
    edition integer not null,
    name text not null,
    gauge_mm real not null,
    metal text not null,
    length_m real not null,
    on_shelf integer not null,
    price_minor integer not null
) strict;

-- A piece as it was when a run that is on the bench or finished used it, kept when the piece changes.
create table piece_version (
    piece_id integer not null references piece (id) on delete cascade,
    edition integer not null,
    form text not null, -- JSON of the whole piece
    primary key (piece_id, edition)
) strict, without rowid;

-- The edition of the piece that a run line keeps to; null for the piece as it is now.
alter table run_line add column piece_edition integer;
