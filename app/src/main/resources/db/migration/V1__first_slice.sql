-- The studio as of the first slice. Money is whole minor units; masses g, lengths mm, times min, temperatures °C.
-- Every kept thing has an edition that counts its changes, so that two windows cannot overwrite each other.

create table studio (
    id integer primary key check (id = 1),
    edition integer not null,
    name text not null,
    currency text not null,
    hour_minor integer not null,
    kwh_minor integer not null,
    waste_percent real not null,
    margin_percent real not null,
    step_minor integer not null,
    school text not null,
    long_hold_min real not null,
    set_min real not null,
    opens text not null,
    closes text not null,
    days text not null,
    foil_um real not null,
    foil_width_mm real not null,
    foil_length_m real not null,
    foil_price_minor integer not null
) strict;

create table oven (
    id integer primary key check (id = 1),
    edition integer not null,
    name text not null,
    tray_width_mm real not null,
    tray_depth_mm real not null,
    clearance_mm real not null,
    gap_mm real not null,
    preheat_min real not null,
    preheat_kwh real not null,
    hold_kw real not null
) strict;

create table clay_line (
    id integer primary key,
    edition integer not null,
    name text not null,
    low_c real not null,
    high_c real not null,
    ceiling_c real not null,
    per_6_mm_min real not null,
    least_min real not null,
    most_min real not null,
    greatest_mm real not null,
    density_g_per_cm3 real not null
) strict;

create table clay (
    id integer primary key,
    edition integer not null,
    name text not null,
    line_id integer not null references clay_line (id),
    raw_hex text not null,
    cured_hex text not null,
    opacity text not null,
    strength text not null,
    open_g real not null
) strict;

create index clay_by_line on clay (line_id);

create table block_size (
    clay_id integer not null references clay (id) on delete cascade,
    position integer not null,
    mass_g real not null,
    price_minor integer not null,
    on_shelf integer not null,
    primary key (clay_id, position)
) strict, without rowid;

create table bought_part (
    id integer primary key,
    edition integer not null,
    name text not null,
    price_minor integer not null,
    on_shelf integer not null,
    mass_g real not null
) strict;

create table mix (
    id integer primary key,
    edition integer not null,
    name text not null
) strict;

create table mix_part (
    mix_id integer not null references mix (id) on delete cascade,
    position integer not null,
    clay_id integer not null references clay (id),
    parts real not null,
    primary key (mix_id, position)
) strict, without rowid;

create index mix_part_by_clay on mix_part (clay_id);

create table piece (
    id integer primary key,
    edition integer not null,
    name text not null,
    kind text not null,
    pose text not null,
    price_minor integer
) strict;

create table part (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    name text not null,
    shape text not null,
    dimensions text not null, -- JSON object of dimension name to mm
    count integer not null,
    mix_id integer not null references mix (id),
    stage integer not null,
    core_shell_mm real,
    core_packing text,
    across_mm real not null,
    up_mm real not null,
    front_mm real not null,
    tilt_deg real not null,
    arrangement text not null,
    primary key (piece_id, position)
) strict, without rowid;

create index part_by_mix on part (mix_id);

create table stage (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    name text not null,
    kind text not null,
    loose integer not null,
    cooling_min real not null,
    primary key (piece_id, position)
) strict, without rowid;

create table step (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    name text not null,
    station text not null,
    setup_min real not null,
    each_min real not null,
    stage integer not null,
    primary key (piece_id, position)
) strict, without rowid;

create table fitting (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    bought_part_id integer not null references bought_part (id),
    count integer not null,
    primary key (piece_id, position)
) strict, without rowid;

create index fitting_by_part on fitting (bought_part_id);

create table gate_line (
    piece_id integer not null references piece (id) on delete cascade,
    position integer not null,
    words text not null,
    primary key (piece_id, position)
) strict, without rowid;

create table run (
    id integer primary key,
    edition integer not null,
    name text not null,
    state text not null,
    due_on text not null,
    begins_on text not null
) strict;

create table run_line (
    run_id integer not null references run (id) on delete cascade,
    position integer not null,
    piece_id integer not null references piece (id),
    quantity integer not null,
    primary key (run_id, position)
) strict, without rowid;

create index run_line_by_piece on run_line (piece_id);

-- What has been done of a run: pieces done and lost at each step, gate lines ticked.
create table progress (
    run_id integer primary key references run (id),
    edition integer not null
) strict;

create table tally (
    run_id integer not null references progress (run_id),
    piece_id integer not null references piece (id),
    step integer not null,
    done integer not null,
    lost integer not null,
    primary key (run_id, piece_id, step)
) strict, without rowid;

create table gate_tick (
    run_id integer not null references progress (run_id),
    piece_id integer not null references piece (id),
    line integer not null,
    primary key (run_id, piece_id, line)
) strict, without rowid;

create table oven_load (
    id integer primary key,
    edition integer not null,
    temp_c real not null,
    hold_min real not null,
    in_at text not null,
    out_at text
) strict;

create table load_item (
    load_id integer not null references oven_load (id) on delete cascade,
    position integer not null,
    run_id integer not null references run (id),
    piece_id integer not null references piece (id),
    stage integer not null,
    count integer not null,
    primary key (load_id, position)
) strict, without rowid;

create index load_item_by_run on load_item (run_id);

-- The step in hand; a null start means its timer stands still.
create table hand (
    id integer primary key check (id = 1),
    run_id integer not null references run (id) on delete cascade,
    piece_id integer not null references piece (id) on delete cascade,
    step integer not null,
    started_at text
) strict;

create table time_log (
    id integer primary key,
    run_id integer not null references run (id),
    piece_id integer not null references piece (id),
    step integer not null,
    started_at text not null,
    ended_at text not null
) strict;

create index time_log_by_step on time_log (run_id, piece_id, step);

-- Every change to a kept thing, as it was before and after, for undo. Null before: it was added; null after: removed.
create table change (
    id integer primary key autoincrement,
    at text not null,
    kind text not null,
    subject_id integer not null,
    words text not null,
    before text,
    after text,
    undone integer not null default 0
) strict;

create table last_id (
    kind text primary key,
    id integer not null
) strict, without rowid;
