-- The designs that a batch makes: those of its lines, and those that their small parts are made of.
create view batch_design as
with recursive makes (batch_id, design_id) as (
    select from_id, to_id from reference where from_kind = 'batch' and to_kind = 'design'
    union
    select batch_id, to_id from makes
    join reference on from_kind = 'design' and from_id = design_id and to_kind = 'design'
)
select batch_id, design_id from makes;
