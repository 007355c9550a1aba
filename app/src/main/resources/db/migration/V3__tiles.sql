-- Trial tiles, which teach the predicted colours, and what a clay's swatch cannot show.

alter table clay add column effect text not null default 'PLAIN';

create table trial_tile (
    id integer primary key,
    edition integer not null,
    name text not null,
    made_on text not null,
    raw_hex text,
    cured_hex text,
    measured integer not null,
    note text not null
) strict;

create table trial_tile_part (
    tile_id integer not null references trial_tile (id) on delete cascade,
    position integer not null,
    clay_id integer not null references clay (id),
    parts real not null,
    primary key (tile_id, position)
) strict, without rowid;

create index trial_tile_part_by_clay on trial_tile_part (clay_id);
