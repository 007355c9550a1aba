-- The tables that V13 has read are no longer needed, children before their parents.
drop table block_size;
drop table clay_lot;
drop table fitting;
drop table gate_line;
drop table gate_tick;
drop table tally;
drop table hand;
drop table hot_spot;
drop table dial_reading;
drop table oven_shelf;
drop table load_item;
drop table oven_load;
drop table lump_part;
drop table lump;
drop table leftovers;
drop table machine_setting;
drop table machine;
drop table mix_inclusion;
drop table mix_line;
drop table part;
drop table piece_insert;
drop table wire;
drop table stage;
drop table step;
drop table run_line;
drop table time_log;
drop table progress;
drop table run;
drop table piece_version;
drop table piece;
drop table mix;
drop table trial_tile_part;
drop table trial_tile;
drop table clay;
drop table clay_line;
drop table bought_part;
drop table wire_coil;
drop table pin_item;
drop table pin;
drop table apart;
drop table wishes;
drop table probe;
drop table trial_row;
drop table trial;
drop table oven;
drop table studio;

-- Editions of things that were removed, by the kinds of today.
update past_edition set kind = 'design' where kind = 'piece';
update past_edition set kind = 'batch' where kind = 'run';
update past_edition set kind = 'range' where kind = 'clay_line';
update past_edition set kind = 'finding' where kind = 'bought_part';
update past_edition set kind = 'coil' where kind = 'wire_coil';
update past_edition set kind = 'load' where kind = 'oven_load';
update past_edition set kind = 'settings' where kind = 'studio';
update past_edition set kind = 'constraints' where kind = 'wishes';
update past_edition set kind = 'tile' where kind = 'trial_tile';

-- An edition never starts again; the current job goes with its batch or its design.
create trigger document_comes after insert on document begin
    update document set edition = max(edition,
            1 + (select edition from past_edition where kind = new.kind and id = new.id))
        where kind = new.kind and id = new.id
        and exists (select 1 from past_edition where kind = new.kind and id = new.id);
end;
create trigger document_goes after delete on document begin
    insert into past_edition values (old.kind, old.id, old.edition)
        on conflict do update set edition = max(edition, excluded.edition);
end;
create trigger job_goes_too before delete on document when old.kind in ('batch', 'design') begin
    delete from document where kind = 'job' and id in (select from_id from reference
        where from_kind = 'job' and to_kind = old.kind and to_id = old.id);
end;

-- The spots of ovens in the journal, by the name of today.
update change set before = replace(before, '"offC":', '"warmerC":'), after = replace(after, '"offC":', '"warmerC":')
    where kind = 'oven';
