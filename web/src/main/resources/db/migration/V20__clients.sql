-- For whom a cover or a set is made, and on what terms. Money in hundredths.
create table client_card (
    id          bigint generated always as identity primary key,
    workroom_id bigint  not null references workroom on delete cascade,
    cover_id    bigint  unique references cover on delete cascade,
    set_id      bigint  unique references cover_set on delete cascade,
    name        text    not null check (length(name) <= 80),
    reach       text    not null check (length(reach) <= 120),
    own_cloth   boolean not null,
    own_form    boolean not null,
    until       date,
    extra       int     not null check (extra between 0 and 10000000),
    paid        int     not null check (paid between 0 and 10000000),
    note        text    not null check (length(note) <= 300),
    quoted      bigint  check (quoted >= 0),
    quoted_on   date,
    check (num_nonnulls(cover_id, set_id) = 1),
    check ((quoted is null) = (quoted_on is null))
);
