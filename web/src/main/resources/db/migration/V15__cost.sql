-- What is set beside the cost of a cover or a set: what a form for one costs, what a bought one does. In hundredths.
create table cost_beside (
    cover_id bigint unique references cover on delete cascade,
    set_id   bigint unique references cover_set on delete cascade,
    form     int check (form between 0 and 10000000),
    bought   int check (bought between 0 and 10000000),
    check (num_nonnulls(cover_id, set_id) = 1)
);
