-- Photos that are kept, and lines of the daybook that have one.
create table picture (
    id integer primary key autoincrement,
    wide_px integer not null,
    high_px integer not null,
    jpeg blob not null
) strict;
alter table daybook add column picture_id integer references picture (id);
