-- How a cover was changed last: a change of the same gesture may follow on a page that has not seen the one before.
alter table cover add column gesture text not null default '';
alter table cover add column gesture_from bigint not null default 0;

-- What a cover is found by: its name and its cloths', as they stand.
alter table cover add column words text not null default '';
update cover c set words = concat_ws(' ', r.plan ->> 'name', r.plan #>> '{cloths,front,name}', r.plan #>> '{cloths,back,name}')
  from revision r where r.cover_id = c.id and r.number = c.revision;
drop index cover_of_workroom;
create index cover_of_workroom on cover (workroom_id, changed_at desc, id desc) where deleted_at is null;

alter table cover_set add column version bigint not null default 1;

-- A layout goes by its cloth's number in each cover it is cut for, "cover.number", not by what the cloth is called.
alter table lay add column version bigint not null default 1;
alter table lay add column cloths text[] not null default '{}';

-- The numbers that cloths of plans without any are read with: the front's is 1, the others take that of the front or the
-- back where they are the same, and else the next.
create temporary table numbered as
    with slots as (
        select c.id as cover, r.plan #> '{cloths,front}' as front, r.plan #> '{cloths,back}' as back,
               r.plan #> '{cloths,lining}' as lining, r.plan #> '{cloths,trim}' as trim
          from cover c join revision r on r.cover_id = c.id and r.number = c.revision
    ), numbers as (
        select *, case when back = front then 1 else 2 end as back_id from slots
    ), more as (
        select *, case when lining = front then 1 when lining = back then back_id else back_id + 1 end as lining_id from numbers
    ), all_of as (
        select *, case when trim = front then 1 when trim = back then back_id else greatest(back_id, lining_id) + 1 end as trim_id from more
    )
    select cover, 1 as slot, 1 as number, front as cloth from all_of
    union all select cover, 2, back_id, back from all_of
    union all select cover, 3, lining_id, lining from all_of
    union all select cover, 4, trim_id, trim from all_of;

update lay l set cloths = array[(
        select n.cover || '.' || n.number from numbered n
         where n.cover = l.cover_id and n.cloth ->> 'name' = l.cloth order by n.slot limit 1)]
 where l.cover_id is not null
   and exists (select 1 from numbered n where n.cover = l.cover_id and n.cloth ->> 'name' = l.cloth);

-- In a set, every cover's cloth that is like the first one of that name.
update lay l set cloths = coalesce((
        select array_agg(distinct n.cover || '.' || n.number)
          from numbered n join set_cover m on m.cover_id = n.cover and m.set_id = l.set_id
         where n.cloth = (select f.cloth from numbered f join set_cover s on s.cover_id = f.cover and s.set_id = l.set_id
                           where f.cloth ->> 'name' = l.cloth order by f.cover, f.slot limit 1)), '{}')
 where l.set_id is not null;

drop table numbered;
drop index lay_of_cover;
drop index lay_of_set;
alter table lay drop column cloth;
create index lay_of_cover on lay (cover_id) where cover_id is not null;
create index lay_of_set on lay (set_id) where set_id is not null;

-- What a form made already: pressed twice, it makes one.
create table made (
    workroom_id bigint      not null references workroom,
    press       text        not null,
    id          bigint      not null default 0,
    made_at     timestamptz not null default now(),
    primary key (workroom_id, press)
);
