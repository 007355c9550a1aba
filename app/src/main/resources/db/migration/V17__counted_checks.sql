-- A tick of a check counts the pieces it was made for; ticks until now were for all pieces of the batch.
update document set json = json_set(json, '$.ticks', coalesce(
    (select json_group_array(json_set(tick.value, '$.pieces', coalesce(
        (select line.value ->> '$.quantity' from document batch, json_each(batch.json, '$.lines') line
         where batch.kind = 'batch' and batch.id = document.id
            and line.value ->> '$.designId' = tick.value ->> '$.designId'), 1)))
     from json_each(document.json, '$.ticks') tick), json('[]')))
where kind = 'progress';
update change set
    before = json_set(before, '$.ticks', coalesce(
        (select json_group_array(json_set(tick.value, '$.pieces', coalesce(
            (select line.value ->> '$.quantity' from document batch, json_each(batch.json, '$.lines') line
             where batch.kind = 'batch' and batch.id = change.subject_id
                and line.value ->> '$.designId' = tick.value ->> '$.designId'), 1)))
         from json_each(change.before, '$.ticks') tick), json('[]')))
where kind = 'progress' and before is not null;
update change set
    after = json_set(after, '$.ticks', coalesce(
        (select json_group_array(json_set(tick.value, '$.pieces', coalesce(
            (select line.value ->> '$.quantity' from document batch, json_each(batch.json, '$.lines') line
             where batch.kind = 'batch' and batch.id = change.subject_id
                and line.value ->> '$.designId' = tick.value ->> '$.designId'), 1)))
         from json_each(change.after, '$.ticks') tick), json('[]')))
where kind = 'progress' and after is not null;
-- A load says what was done with it and what was asked before it went in.
update document set json = json_set(json, '$.outcome', 'BAKED', '$.notes', json('[]')) where kind = 'load';
update change set before = json_set(before, '$.outcome', 'BAKED', '$.notes', json('[]'))
where kind = 'load' and before is not null;
update change set after = json_set(after, '$.outcome', 'BAKED', '$.notes', json('[]'))
where kind = 'load' and after is not null;
