-- What a thermometer read at settings of the oven's dial.

create table dial_reading (
    oven_id integer not null references oven (id) on delete cascade,
    position integer not null,
    dial_c real not null,
    read_c real not null,
    primary key (oven_id, position)
) strict, without rowid;
