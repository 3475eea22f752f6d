-- What a set was called and which covers were in it, "12:1,15:3", so that a change can be undone: a pointer into its
-- own revisions. A set that was never changed has none.
alter table cover_set add column revision int not null default 0;

create table set_revision (
    set_id  bigint      not null references cover_set on delete cascade,
    number  int         not null,
    name    text        not null,
    members text        not null,
    made_at timestamptz not null default now(),
    primary key (set_id, number)
);
