-- Two makers each undo what they did themselves; 0 is a change of the studio, which either undoes.
alter table change add column maker integer not null default 0;
