-- Two makers each undo what they did themselves; 0 is a change of the studio, which either undoes.
alter table change add column maker integer not null default 0;

-- A file of many lines is as many changes: what was undone, a step and the changes of a thing are found without reading all of them.
create index change_undone on change (undone) where undone = 1;
create index change_of_step on change (step);
create index change_of_thing on change (kind, subject_id);
