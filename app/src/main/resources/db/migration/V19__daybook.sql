-- The daybook: everything that happened at the bench, one line each. It takes in the times that were logged.
create table daybook (
    id integer primary key,
    edition integer not null,
    kind text not null,
    at text not null,
    until text,
    batch_kind text not null default 'batch' check (batch_kind = 'batch'),
    batch_id integer,
    design_kind text not null default 'design' check (design_kind = 'design'),
    design_id integer,
    step integer,
    station text,
    step_name text not null,
    mix_kind text not null default 'mix' check (mix_kind = 'mix'),
    mix_id integer,
    maker integer not null,
    pieces integer not null,
    net_g real,
    used_g real,
    reason text,
    again integer not null,
    counted integer not null default 0,
    words text not null,
    foreign key (batch_kind, batch_id) references document (kind, id),
    foreign key (design_kind, design_id) references document (kind, id),
    foreign key (mix_kind, mix_id) references document (kind, id)
) strict;
create index daybook_by_time on daybook (at);
create index daybook_by_step on daybook (batch_id, design_id, step);
create index daybook_by_kind on daybook (kind, design_id, station, step_name, batch_id, maker, at, until, pieces);

-- Counts the changes of the daybook, so that what was learned from it need not be worked out again while it stays.
create table daybook_edition (edition integer not null) strict;
insert into daybook_edition values (1);
create trigger daybook_added after insert on daybook begin update daybook_edition set edition = edition + 1; end;
create trigger daybook_changed after update on daybook begin update daybook_edition set edition = edition + 1; end;
create trigger daybook_removed after delete on daybook begin update daybook_edition set edition = edition + 1; end;

-- The first time logged at a step of a batch tells of all pieces that were counted there. What a step is called is known from its design.
insert into daybook (id, edition, kind, at, until, batch_id, design_id, step, station, step_name, maker, pieces, again, words)
select time.id, 1, 'TIME', started_at, ended_at, batch_id, design_id, step,
    coalesce(design.json ->> ('$.steps[' || step || '].station'), 'SHAPE'),
    coalesce(design.json ->> ('$.steps[' || step || '].name'), 'step ' || (step + 1)),
    1,
    case when time.id = (select min(first.id) from logged_time first where first.batch_id = time.batch_id
            and first.design_id = time.design_id and first.step = time.step)
        then coalesce((select tally.value ->> '$.done' from document progress, json_each(progress.json, '$.tallies') tally
            where progress.kind = 'progress' and progress.id = time.batch_id
            and tally.value ->> '$.designId' = time.design_id and tally.value ->> '$.step' = time.step), 0)
        else 0 end,
    0, ''
from logged_time time left join document design on design.kind = 'design' and design.id = design_id;
drop table logged_time;

update change set kind = 'daybook',
    before = json_set(json_remove(before, '$.startedAt', '$.endedAt'), '$.kind', 'TIME',
        '$.at', before ->> '$.startedAt', '$.until', before ->> '$.endedAt',
        '$.station', coalesce((select station from daybook line where line.design_id = before ->> '$.designId'
            and line.step = before ->> '$.step'), 'SHAPE'),
        '$.stepName', coalesce((select step_name from daybook line where line.design_id = before ->> '$.designId'
            and line.step = before ->> '$.step'), 'step ' || ((before ->> '$.step') + 1))),
    after = json_set(json_remove(after, '$.startedAt', '$.endedAt'), '$.kind', 'TIME',
        '$.at', after ->> '$.startedAt', '$.until', after ->> '$.endedAt',
        '$.station', coalesce((select station from daybook line where line.design_id = after ->> '$.designId'
            and line.step = after ->> '$.step'), 'SHAPE'),
        '$.stepName', coalesce((select step_name from daybook line where line.design_id = after ->> '$.designId'
            and line.step = after ->> '$.step'), 'step ' || ((after ->> '$.step') + 1)))
where kind = 'time';
insert into last_id (kind, id) select 'daybook', id from last_id where kind = 'time' on conflict do nothing;
delete from last_id where kind = 'time';
