-- The tools there are, by their codes, once that is said; and the longer side of the mat, in grains.
alter table workroom add column drawer text[];
alter table workroom add column mat bigint check (mat > 0);
