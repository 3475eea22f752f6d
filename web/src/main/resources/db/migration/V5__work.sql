-- How far the making of a cover has come: of each step the last that was said of it, by whichever device.
create table step_tick (
    cover_id bigint      not null references cover on delete cascade,
    step     text        not null check (length(step) between 1 and 120),
    done     boolean     not null,
    passed   boolean     not null default false,
    at       timestamptz not null,
    device   text        not null check (length(device) <= 40),
    tick     uuid        not null,
    primary key (cover_id, step)
);

-- The plan as it was when the fabric was cut. It changes no more, whatever is planned afterwards.
create table cover_cut (
    cover_id bigint      primary key references cover on delete cascade,
    plan     jsonb       not null,
    cut_at   timestamptz not null
);
