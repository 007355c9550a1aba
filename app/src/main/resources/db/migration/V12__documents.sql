-- What is saved becomes documents, each with what it refers to. Logs keep tables of their own. V13 fills them.
create table document (
    kind text not null,
    id integer not null,
    edition integer not null,
    name text not null,
    json text not null,
    primary key (kind, id)
) strict;
create table reference (
    from_kind text not null,
    from_id integer not null,
    to_kind text not null,
    to_id integer not null,
    primary key (from_kind, from_id, to_kind, to_id),
    foreign key (from_kind, from_id) references document (kind, id) on delete cascade,
    foreign key (to_kind, to_id) references document (kind, id)
) strict, without rowid;
create index reference_by_used on reference (to_kind, to_id);
create table document_version (
    kind text not null,
    id integer not null,
    edition integer not null,
    json text not null,
    primary key (kind, id, edition),
    foreign key (kind, id) references document (kind, id) on delete cascade
) strict;
create table batch_version (
    batch_kind text not null default 'batch' check (batch_kind = 'batch'),
    batch_id integer not null,
    design_id integer not null,
    edition integer not null,
    primary key (batch_id, design_id),
    foreign key (batch_kind, batch_id) references document (kind, id) on delete cascade
) strict;
create table logged_time (
    id integer primary key,
    batch_kind text not null default 'batch' check (batch_kind = 'batch'),
    batch_id integer not null,
    design_kind text not null default 'design' check (design_kind = 'design'),
    design_id integer not null,
    step integer not null,
    started_at text not null,
    ended_at text not null,
    foreign key (batch_kind, batch_id) references document (kind, id),
    foreign key (design_kind, design_id) references document (kind, id)
) strict;
create index logged_time_by_step on logged_time (batch_id, design_id, step);
