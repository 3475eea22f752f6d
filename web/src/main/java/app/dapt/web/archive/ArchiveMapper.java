package app.dapt.web.archive;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Options.FlushCachePolicy;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/**
 * The SQL for a workroom as a whole. Every statement names the workroom. What is long is read a page at a time, by
 * number, and not kept in the session: only the present page is in memory.
 */
@Mapper
interface ArchiveMapper {

    /** A cover with all that stands beside its plan but its ticks. */
    record CoverLine(
            long id,
            String uid,
            @Nullable LocalDate due,
            String plan,
            @Nullable String cutPlan,
            @Nullable Instant cutAt) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select c.id, c.uid::text as uid, c.due, r.plan::text as plan, k.plan::text as cut_plan, k.cut_at
              from cover c join revision r on r.cover_id = c.id and r.number = c.revision
              left join cover_cut k on k.cover_id = c.id
             where c.workroom_id = #{workroom} and c.deleted_at is null and c.id > #{after}
             order by c.id limit 200
            """)
    List<CoverLine> covers(@Param("workroom") long workroom, @Param("after") long after);

    /** A tick as it stands. */
    record TickLine(long coverId, String tick, String step, boolean done, boolean passed, Instant at, String device) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select t.cover_id, t.tick::text as tick, t.step, t.done, t.passed, t.at, t.device
              from step_tick t join cover c on c.id = t.cover_id
             where c.workroom_id = #{workroom} and c.id between #{first} and #{last} order by t.cover_id, t.step
            """)
    List<TickLine> ticks(@Param("workroom") long workroom, @Param("first") long first, @Param("last") long last);

    /** What went wrong. */
    record MishapLine(
            long coverId, String uid, String step, String kind, String note, long unpicked, int seconds, Instant at) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select m.cover_id, m.uid::text as uid, m.step, m.kind, m.note, m.unpicked, m.seconds, m.at
              from mishap m join cover c on c.id = m.cover_id
             where c.workroom_id = #{workroom} and c.id = #{cover} order by m.at, m.uid limit 100
            """)
    List<MishapLine> mishaps(@Param("workroom") long workroom, @Param("cover") long cover);

    /** A set without its covers. */
    record SetLine(
            long id, String uid, String name, @Nullable LocalDate due, long trialId) {}

    @Select("""
            select id, uid::text as uid, name, due, coalesce(trial_id, 0) as trial_id from cover_set
             where workroom_id = #{workroom} order by id
            """)
    List<SetLine> sets(@Param("workroom") long workroom);

    /** How often a cover is in a set. */
    record MemberLine(long setId, long coverId, int count) {}

    @Select("""
            select m.set_id, m.cover_id, m.count from set_cover m join cover_set s on s.id = m.set_id
              join cover c on c.id = m.cover_id
             where s.workroom_id = #{workroom} and c.deleted_at is null order by m.set_id, m.cover_id
            """)
    List<MemberLine> members(@Param("workroom") long workroom);

    /** How a cloth lies, a comma between what it is called in its covers. */
    record LayoutLine(long id, long coverId, long setId, String cloths, String plan) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select l.id, coalesce(l.cover_id, 0) as cover_id, coalesce(l.set_id, 0) as set_id,
                   array_to_string(l.cloths, ',') as cloths, r.plan::text as plan
              from layout l join layout_revision r on r.layout_id = l.id and r.number = l.revision
             where l.workroom_id = #{workroom} order by l.id
            """)
    List<LayoutLine> lays(@Param("workroom") long workroom);

    /** A wash test. */
    record WashLine(
            String uid,
            String cloth,
            Instant testedAt,
            long beforeAcross,
            long afterAcross,
            long beforeAlong,
            long afterAlong) {}

    @Select("""
            select uid::text as uid, cloth, tested_at, before_across, after_across, before_along, after_along
              from wash_test where workroom_id = #{workroom} and deleted_at is null order by id
            """)
    List<WashLine> washes(@Param("workroom") long workroom);

    /** A thing on the shelf. */
    record ThingLine(
            long id,
            String uid,
            String kind,
            String name,
            String colour,
            long size,
            long width,
            int price,
            String fabric) {}

    @Select("""
            select id, uid::text as uid, kind, name, colour, coalesce(size, 0) as size, coalesce(width, 0) as width,
                   price, coalesce(fabric::text, '') as fabric
              from thing where workroom_id = #{workroom} and gone_at is null order by id
            """)
    List<ThingLine> things(@Param("workroom") long workroom);

    /** A movement of a thing; nought where it undoes none. */
    record MoveLine(long id, long thingId, String why, long amount, Instant at, long undoes) {}

    @Select("""
            select m.id, m.thing_id, m.why, m.amount, m.at, coalesce(m.undoes, 0) as undoes
              from movement m join thing t on t.id = m.thing_id
             where t.workroom_id = #{workroom} and t.gone_at is null order by m.id
            """)
    List<MoveLine> moves(@Param("workroom") long workroom);

    @Select(value = """
            insert into thing (workroom_id, uid, kind, name, colour, size, width, price, fabric)
            values (#{workroom}, cast(#{t.uid} as uuid), #{t.kind}, #{t.name}, #{t.colour}, nullif(#{t.size}, 0),
                    nullif(#{t.width}, 0), #{t.price}, cast(nullif(#{t.fabric}, '') as jsonb))
            on conflict (uid) do nothing returning id
            """, affectData = true)
    @Nullable
    Long putThing(@Param("workroom") long workroom, @Param("t") ThingLine thing);

    @Select(value = """
            insert into movement (thing_id, why, amount, at, undoes)
            select id, #{m.why}, #{m.amount}, #{m.at}, nullif(#{m.undoes}, 0)
              from thing where id = #{m.thingId} and workroom_id = #{workroom} returning id
            """, affectData = true)
    long putMove(@Param("workroom") long workroom, @Param("m") MoveLine move);

    @Select("select day from day_off where workroom_id = #{workroom} order by day")
    List<LocalDate> daysOff(@Param("workroom") long workroom);

    @Insert("insert into day_off (workroom_id, day) values (#{workroom}, #{day}) on conflict do nothing")
    void putDayOff(@Param("workroom") long workroom, @Param("day") LocalDate day);

    /** An entry of the log; no cover where that is gone. */
    record EntryLine(long id, String uid, long coverId, Instant loggedAt, String entry) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select e.id, e.uid::text as uid, coalesce(c.id, 0) as cover_id, e.logged_at, r.entry::text as entry
              from log_entry e join log_revision r on r.entry_id = e.id and r.number = e.revision
              left join cover c on c.id = e.cover_id and c.deleted_at is null
             where e.workroom_id = #{workroom} and e.deleted_at is null and e.id > #{after}
             order by e.id limit 200
            """)
    List<EntryLine> entries(@Param("workroom") long workroom, @Param("after") long after);

    /** The numbers of the pictures that covers, cut plans and the log show as they stand. */
    @Select("""
            select p.id from picture p where p.workroom_id = #{workroom} and p.id in (
                select (shown #>> '{}')::bigint from cover c
                  join revision r on r.cover_id = c.id and r.number = c.revision,
                       jsonb_path_query(r.plan, '$.cloths.*.picture.number') as shown
                 where c.workroom_id = #{workroom} and c.deleted_at is null
                union all
                select (shown #>> '{}')::bigint from cover_cut k,
                       jsonb_path_query(k.plan, '$.cloths.*.picture.number') as shown
                union all
                select (shown #>> '{}')::bigint from log_entry e
                  join log_revision r on r.entry_id = e.id and r.number = e.revision,
                       jsonb_path_query(r.entry, '$.**.picture.number') as shown
                 where e.workroom_id = #{workroom} and e.deleted_at is null
                union all
                select (r.entry ->> 'picture')::bigint from log_entry e
                  join log_revision r on r.entry_id = e.id and r.number = e.revision
                 where e.workroom_id = #{workroom} and e.deleted_at is null and r.entry ->> 'picture' is not null)
             order by p.id
            """)
    List<Long> pictures(@Param("workroom") long workroom);

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("select jpeg from picture where workroom_id = #{workroom} and id = #{id}")
    PictureLine picture(@Param("workroom") long workroom, @Param("id") long id);

    /** A picture as the file it is. */
    record PictureLine(byte[] jpeg) {}

    /** What is decided once for a workroom. */
    record SettingsLine(
            @Nullable String currency,
            int hourly,
            int margin,
            int atATime,
            @Nullable String drawer,
            long mat) {}

    @Select("""
            select currency, hourly, margin, at_a_time, array_to_string(drawer, ',') as drawer, coalesce(mat, 0) as mat
              from workroom where id = #{workroom}
            """)
    SettingsLine settings(@Param("workroom") long workroom);

    /** A stretch of time in a week. */
    record SlotLine(int weekday, LocalTime starts, int minutes) {}

    @Select("select weekday, starts, minutes from work_time where workroom_id = #{workroom} order by weekday")
    List<SlotLine> week(@Param("workroom") long workroom);

    /** What was said of one thing to learn. */
    record LearningLine(
            String subject, boolean active, @Nullable Instant since) {}

    @Select("select subject, active, since from learning where workroom_id = #{workroom} order by subject")
    List<LearningLine> learning(@Param("workroom") long workroom);

    /** Has each statement of this transaction planned for as many rows as there are by then. */
    @Update("set local plan_cache_mode = force_custom_plan")
    void planEachAnew();

    /** A cover that is known by its id wherever it goes. */
    record KnownLine(long id, String plan) {}

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select c.id, r.plan::text as plan from cover c
              join revision r on r.cover_id = c.id and r.number = c.revision
             where c.workroom_id = #{workroom} and c.uid = cast(#{uid} as uuid) and c.deleted_at is null
             order by c.id
            """)
    List<KnownLine> coversKnownAs(@Param("workroom") long workroom, @Param("uid") String uid);

    @Select(value = """
            insert into cover (workroom_id, uid, due)
            values (#{workroom}, cast(#{uid} as uuid), #{due,jdbcType=DATE}) returning id
            """, affectData = true)
    long insertCover(@Param("workroom") long workroom, @Param("uid") String uid, @Param("due") @Nullable LocalDate due);

    @Insert("""
            insert into revision (cover_id, number, plan, gesture)
            select id, 1, cast(#{plan} as jsonb), '' from cover where workroom_id = #{workroom} and id = #{cover}
            """)
    void putPlan(@Param("workroom") long workroom, @Param("cover") long cover, @Param("plan") String plan);

    /** Notes what a new cover is found by. */
    @Update("""
            update cover c set words = concat_ws(' ', r.plan ->> 'name',
                   r.plan #>> '{cloths,front,name}', r.plan #>> '{cloths,back,name}')
              from revision r
             where c.workroom_id = #{workroom} and c.id = #{cover} and r.cover_id = c.id and r.number = 1
            """)
    void noteWords(@Param("workroom") long workroom, @Param("cover") long cover);

    @Insert("""
            insert into cover_cut (cover_id, plan, cut_at)
            select id, cast(#{plan} as jsonb), #{at} from cover where workroom_id = #{workroom} and id = #{cover}
            on conflict do nothing
            """)
    void putCut(
            @Param("workroom") long workroom,
            @Param("cover") long cover,
            @Param("plan") String plan,
            @Param("at") Instant at);

    /** Of each step the later word stands. */
    @Insert("""
            insert into step_tick (cover_id, step, done, passed, at, device, tick)
            select id, #{t.step}, #{t.done}, #{t.passed}, least(#{t.at}, now()), #{t.device}, cast(#{t.tick} as uuid)
              from cover where workroom_id = #{workroom} and id = #{t.coverId}
            on conflict (cover_id, step) do update
               set done = excluded.done, passed = excluded.passed, at = excluded.at, device = excluded.device,
                   tick = excluded.tick
             where (step_tick.at, step_tick.tick) < (excluded.at, excluded.tick)
            """)
    void putTick(@Param("workroom") long workroom, @Param("t") TickLine tick);

    /** One that has its name already in another workroom comes in by a name of its own. */
    @Insert("""
            insert into mishap (uid, cover_id, step, kind, note, unpicked, seconds, at)
            select case when exists (select 1 from mishap where uid = cast(#{m.uid} as uuid))
                        then gen_random_uuid() else cast(#{m.uid} as uuid) end,
                   c.id, #{m.step}, #{m.kind}, #{m.note}, #{m.unpicked}, #{m.seconds}, least(#{m.at}, now())
              from cover c where c.workroom_id = #{workroom} and c.id = #{m.coverId}
               and not exists (select 1 from mishap k where k.cover_id = c.id and k.step = #{m.step}
                                  and k.kind = #{m.kind} and k.at = #{m.at})
            """)
    void putMishap(@Param("workroom") long workroom, @Param("m") MishapLine mishap);

    @Select("select min(id) from cover_set where workroom_id = #{workroom} and uid = cast(#{uid} as uuid)")
    Optional<Long> setKnownAs(@Param("workroom") long workroom, @Param("uid") String uid);

    @Select(value = """
            insert into cover_set (workroom_id, uid, name, due, trial_id)
            values (#{workroom}, cast(#{s.uid} as uuid), #{s.name}, #{s.due,jdbcType=DATE}, nullif(#{s.trialId}, 0))
            returning id
            """, affectData = true)
    long insertSet(@Param("workroom") long workroom, @Param("s") SetLine set);

    @Insert("""
            insert into set_cover (set_id, cover_id, count)
            select s.id, c.id, #{count} from cover_set s, cover c
             where s.id = #{set} and s.workroom_id = #{workroom} and c.id = #{cover} and c.workroom_id = #{workroom}
            """)
    void putMember(
            @Param("workroom") long workroom,
            @Param("set") long set,
            @Param("cover") long cover,
            @Param("count") int count);

    @Select(value = """
            insert into layout (workroom_id, cover_id, set_id, cloths, revision)
            values (#{workroom}, nullif(#{l.coverId}, 0), nullif(#{l.setId}, 0), string_to_array(#{l.cloths}, ','), 1)
            returning id
            """, affectData = true)
    long insertLayout(@Param("workroom") long workroom, @Param("l") LayoutLine lay);

    @Insert("""
            insert into layout_revision (layout_id, number, plan)
            select id, 1, cast(#{plan} as jsonb) from layout where workroom_id = #{workroom} and id = #{lay}
            """)
    void putLayoutPlan(@Param("workroom") long workroom, @Param("lay") long lay, @Param("plan") String plan);

    @Select("""
            select count(*) from wash_test
             where workroom_id = #{workroom} and uid = cast(#{uid} as uuid) and deleted_at is null
            """)
    int washesKnownAs(@Param("workroom") long workroom, @Param("uid") String uid);

    @Insert("""
            insert into wash_test (workroom_id, uid, cloth, tested_at, before_across, after_across, before_along,
                                   after_along)
            values (#{workroom}, cast(#{w.uid} as uuid), #{w.cloth}, #{w.testedAt}, #{w.beforeAcross}, #{w.afterAcross},
                    #{w.beforeAlong}, #{w.afterAlong})
            """)
    void putWash(@Param("workroom") long workroom, @Param("w") WashLine wash);

    @Options(flushCache = FlushCachePolicy.TRUE)
    @Select("""
            select e.id, r.entry::text as plan from log_entry e
              join log_revision r on r.entry_id = e.id and r.number = e.revision
             where e.workroom_id = #{workroom} and e.uid = cast(#{uid} as uuid) and e.deleted_at is null
             order by e.id
            """)
    List<KnownLine> entriesKnownAs(@Param("workroom") long workroom, @Param("uid") String uid);

    /** A new entry; of its cover only where that has none yet. */
    @Select(value = """
            insert into log_entry (workroom_id, uid, cover_id, logged_at)
            values (#{workroom}, cast(#{e.uid} as uuid),
                    (select c.id from cover c where c.id = #{e.coverId} and c.workroom_id = #{workroom}
                        and not exists (select 1 from log_entry o where o.cover_id = c.id and o.deleted_at is null)),
                    #{e.loggedAt}) returning id
            """, affectData = true)
    long insertEntry(@Param("workroom") long workroom, @Param("e") EntryLine entry);

    @Insert("""
            insert into log_revision (entry_id, number, entry)
            select id, 1, cast(#{entry} as jsonb) from log_entry where workroom_id = #{workroom} and id = #{id}
            """)
    void putEntry(@Param("workroom") long workroom, @Param("id") long id, @Param("entry") String entry);

    /** The picture that is this one, or was made of it; that of the same number where there are more. */
    @Select("""
            select id from picture
             where workroom_id = #{workroom} and (digest = #{digest} or source = #{digest})
             order by id <> #{number}, id limit 1
            """)
    Optional<Long> pictureLike(
            @Param("workroom") long workroom, @Param("digest") byte[] digest, @Param("number") long number);

    @Update("update picture set source = #{digest} where workroom_id = #{workroom} and id = #{id}")
    void noteSource(@Param("workroom") long workroom, @Param("id") long id, @Param("digest") byte[] digest);

    /** Takes the settings that nobody has decided here. */
    @Update("""
            update workroom set currency = coalesce(currency, #{s.currency,jdbcType=CHAR}),
                   hourly = case when hourly = 0 and margin = 0 then #{s.hourly} else hourly end,
                   margin = case when hourly = 0 and margin = 0 then #{s.margin} else margin end,
                   at_a_time = case when at_a_time = 60 then #{s.atATime} else at_a_time end,
                   mat = case when drawer is null then nullif(#{s.mat}, 0) else mat end,
                   drawer = coalesce(drawer, string_to_array(#{s.drawer,jdbcType=VARCHAR}, ','))
             where id = #{workroom}
            """)
    void takeSettings(@Param("workroom") long workroom, @Param("s") SettingsLine settings);

    @Insert("""
            insert into work_time (workroom_id, weekday, starts, minutes)
            values (#{workroom}, #{t.weekday}, #{t.starts}, #{t.minutes})
            """)
    void putSlot(@Param("workroom") long workroom, @Param("t") SlotLine slot);

    @Insert("""
            insert into learning (workroom_id, subject, active, since)
            values (#{workroom}, #{l.subject}, #{l.active}, #{l.since,jdbcType=TIMESTAMP})
            on conflict do nothing
            """)
    void putLearning(@Param("workroom") long workroom, @Param("l") LearningLine learning);

    /** The place of a cover or a set in work and what its cost is set beside; less than nought where nothing is. */
    record BesideLine(boolean isSet, long id, int rank, int form, int bought) {}

    @Select("""
            select * from (
              select false as is_set, c.id, coalesce(c.work_rank, 0) as rank, coalesce(b.form, -1) as form,
                     coalesce(b.bought, -1) as bought
                from cover c left join cost_beside b on b.cover_id = c.id
               where c.workroom_id = #{workroom} and c.deleted_at is null
              union all
              select true, s.id, coalesce(s.work_rank, 0), coalesce(b.form, -1), coalesce(b.bought, -1)
                from cover_set s left join cost_beside b on b.set_id = s.id where s.workroom_id = #{workroom}) w
             where rank > 0 or form >= 0 or bought >= 0 order by is_set, id
            """)
    List<BesideLine> beside(@Param("workroom") long workroom);

    /** For whom a cover or a set is made; less than nought where nothing was quoted. */
    record ClientLine(
            boolean isSet,
            long id,
            String name,
            String reach,
            boolean ownCloth,
            boolean ownForm,
            @Nullable LocalDate until,
            int extra,
            int paid,
            String note,
            @Nullable Long quoted,
            @Nullable LocalDate quotedOn) {}

    @Select("""
            select k.set_id is not null as is_set, coalesce(k.set_id, k.cover_id) as id, k.name, k.reach, k.own_cloth,
                   k.own_form, k.until, k.extra, k.paid, k.note, k.quoted, k.quoted_on
              from client_card k left join cover c on c.id = k.cover_id
             where k.workroom_id = #{workroom} and (k.set_id is not null or c.deleted_at is null) order by 1, 2
            """)
    List<ClientLine> clients(@Param("workroom") long workroom);

    @Insert("""
            insert into client_card (workroom_id, cover_id, set_id, name, reach, own_cloth, own_form, until, extra,
                   paid, note, quoted, quoted_on)
            values (#{workroom}, case when not #{k.isSet} then #{k.id} end::bigint,
                    case when #{k.isSet} then #{k.id} end::bigint, #{k.name}, #{k.reach}, #{k.ownCloth}, #{k.ownForm},
                    #{k.until,jdbcType=DATE}, #{k.extra}, #{k.paid}, #{k.note}, #{k.quoted,jdbcType=BIGINT},
                    #{k.quotedOn,jdbcType=DATE})
            on conflict do nothing
            """)
    void putClient(@Param("workroom") long workroom, @Param("k") ClientLine client);

    /** A cover that takes turns on a form. */
    record TurnLine(long thingId, String cover, int month, int day, String kept) {}

    @Select("""
            select thing_id, cover, month, day, kept from turn where workroom_id = #{workroom}
             order by thing_id, month, day
            """)
    List<TurnLine> turns(@Param("workroom") long workroom);

    @Insert("""
            insert into turn (workroom_id, thing_id, cover, month, day, kept)
            values (#{workroom}, #{t.thingId}, #{t.cover}, #{t.month}, #{t.day}, #{t.kept}) on conflict do nothing
            """)
    void putTurn(@Param("workroom") long workroom, @Param("t") TurnLine turn);

    @Update("update cover set work_rank = #{rank} where id = #{id} and workroom_id = #{workroom} and work_rank is null")
    void rankCover(@Param("workroom") long workroom, @Param("id") long id, @Param("rank") int rank);

    @Update("""
            update cover_set set work_rank = #{rank}
             where id = #{id} and workroom_id = #{workroom} and work_rank is null
            """)
    void rankSet(@Param("workroom") long workroom, @Param("id") long id, @Param("rank") int rank);

    @Insert("""
            insert into cost_beside (cover_id, set_id, form, bought)
            select case when not #{b.isSet} then #{b.id} end::bigint, case when #{b.isSet} then #{b.id} end::bigint,
                   nullif(#{b.form}, -1), nullif(#{b.bought}, -1)
             where exists (select 1 from cover where id = #{b.id} and workroom_id = #{workroom} and not #{b.isSet})
                or exists (select 1 from cover_set where id = #{b.id} and workroom_id = #{workroom} and #{b.isSet})
            on conflict do nothing
            """)
    void putBeside(@Param("workroom") long workroom, @Param("b") BesideLine beside);
}
