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

-- When there is time to sew, weekday by weekday from Monday, and otherwise how long one sits at a time.
create table work_time (
    workroom_id bigint not null references workroom,
    weekday     int    not null check (weekday between 1 and 7),
    starts      time   not null,
    minutes     int    not null check (minutes between 5 and 1440),
    primary key (workroom_id, weekday)
);

alter table workroom add column at_a_time int not null default 60 check (at_a_time between 5 and 1440);
alter table cover add column due date;
alter table cover_set add column due date;
-- The cover of a set that is tried on before the others are cut.
alter table cover_set add column trial_id bigint references cover on delete set null;
