-- A line of a design's checks says what it is ticked before; until now all were before the last bake.
update document set json = json_set(json, '$.checks', coalesce(
    (select json_group_array(json_object('words', line.value)) from json_each(document.json, '$.checks') line), json('[]')))
where kind = 'design' and json_type(json, '$.checks') = 'array';
update document_version set json = json_set(json, '$.checks', coalesce(
    (select json_group_array(json_object('words', line.value)) from json_each(document_version.json, '$.checks') line), json('[]')))
where kind = 'design' and json_type(json, '$.checks') = 'array';
update change set before = json_set(before, '$.checks', coalesce(
    (select json_group_array(json_object('words', line.value)) from json_each(change.before, '$.checks') line), json('[]')))
where kind = 'design' and json_type(before, '$.checks') = 'array';
update change set after = json_set(after, '$.checks', coalesce(
    (select json_group_array(json_object('words', line.value)) from json_each(change.after, '$.checks') line), json('[]')))
where kind = 'design' and json_type(after, '$.checks') = 'array';
