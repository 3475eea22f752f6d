-- What went wrong at a step, and how much it took to put it right. The stitching is counted in grains.
create table mishap (
    uid      uuid        primary key default gen_random_uuid(),
    cover_id bigint      not null references cover on delete cascade,
    step     text        not null check (length(step) between 1 and 120),
    kind     text        not null check (length(kind) between 1 and 40),
    note     text        not null default '' check (length(note) <= 200),
    unpicked bigint      not null check (unpicked >= 0),
    seconds  int         not null check (seconds >= 0),
    at       timestamptz not null default now()
);
create index mishap_of_cover on mishap (cover_id, at);
