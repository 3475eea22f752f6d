-- What is laid out on a cloth is a layout, here as everywhere else.
alter table lay rename to layout;
alter table lay_revision rename to layout_revision;
alter table layout_revision rename column lay_id to layout_id;
alter index lay_of_cover rename to layout_of_cover;
alter index lay_of_set rename to layout_of_set;
