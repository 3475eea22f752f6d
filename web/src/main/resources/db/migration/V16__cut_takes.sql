-- What was taken off the shelf when a cover or a set was cut, so that it goes back where it was not cut after all.
create table cut_taken (
    movement_id bigint primary key references movement on delete cascade,
    cover_id    bigint references cover on delete cascade,
    set_id      bigint references cover_set on delete cascade,
    check (num_nonnulls(cover_id, set_id) = 1)
);
create index cut_taken_of_cover on cut_taken (cover_id);
create index cut_taken_of_set on cut_taken (set_id);
