-- The order in which what has no day is made, where somebody gave one; what has a place here is in work.
alter table cover add column work_rank int check (work_rank > 0);
alter table cover_set add column work_rank int check (work_rank > 0);
-- Days on which nobody sews.
create table day_off (
    workroom_id bigint not null references workroom on delete cascade,
    day         date   not null,
    primary key (workroom_id, day)
);
