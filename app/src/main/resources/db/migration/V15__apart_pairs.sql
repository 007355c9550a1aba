-- A bake kept apart from itself means nothing, and is not taken any more.
update document set json = json_set(json, '$.apart', coalesce(
    (select json_group_array(json(pair.value)) from json_each(document.json, '$.apart') pair
     where pair.value ->> '$.one' <> pair.value ->> '$.other'), json('[]')))
where kind = 'constraints';
