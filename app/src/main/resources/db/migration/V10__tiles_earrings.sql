-- A tile the maker says is right though it lies far from what was expected; and whether earrings are drawn as one or as the pair.

alter table trial_tile add column confirmed integer;
alter table piece add column drawn_as text;
