package app.dapt.web.workroom;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for how far the making of covers has come. Every statement names the workroom. */
@Mapper
interface WorkMapper {

    @Select("select uid::text from workroom where id = #{workroom}")
    String uid(@Param("workroom") long workroom);

    /** A tick as it stands. */
    record TickRow(long coverId, String tick, String step, boolean done, boolean passed, Instant at, String device) {}

    @Select("""
            select t.cover_id, t.tick::text as tick, t.step, t.done, t.passed, t.at, t.device
              from step_tick t join cover c on c.id = t.cover_id
             where c.workroom_id = #{workroom} and c.deleted_at is null
               and t.cover_id = any(#{covers,typeHandler=org.apache.ibatis.type.ArrayTypeHandler})
            """)
    List<TickRow> ticks(@Param("workroom") long workroom, @Param("covers") Long[] covers);

    @Select("select id from cover where workroom_id = #{workroom} and id = #{cover}")
    Optional<Long> find(@Param("workroom") long workroom, @Param("cover") long cover);

    /** Waits for whoever changes it, also in the bin. */
    @Select("select id from cover where workroom_id = #{workroom} and id = #{cover} for no key update")
    Optional<Long> lock(@Param("workroom") long workroom, @Param("cover") long cover);

    /** The steps of a cover that were spoken of. */
    @Select("select step from step_tick where cover_id = #{cover}")
    List<String> steps(@Param("cover") long cover);

    /**
     * The later word stands; of two at the same instant the one with the higher id, so that all devices agree. A word
     * that came in before counts from when it did then.
     */
    @Insert("""
            with seen as (
                insert into tick_seen (cover_id, tick, at)
                select id, cast(#{t.id} as uuid), least(#{t.at}, now()) from cover
                 where id = #{cover} and workroom_id = #{workroom}
                on conflict (cover_id, tick) do update set seen_at = tick_seen.seen_at
                returning at)
            insert into step_tick (cover_id, step, done, passed, at, device, tick)
            select #{cover}, #{t.step}, #{t.done}, #{t.passed}, seen.at, #{t.device}, cast(#{t.id} as uuid) from seen
            on conflict (cover_id, step) do update
               set done = excluded.done, passed = excluded.passed, at = excluded.at, device = excluded.device,
                   tick = excluded.tick
             where (step_tick.at, step_tick.tick) < (excluded.at, excluded.tick)
            """)
    int put(@Param("workroom") long workroom, @Param("cover") long cover, @Param("t") Tick tick);

    /** Forgets what came in so long ago that nobody sends it again; how many words. */
    @Delete("""
            delete from tick_seen where ctid = any(array(
                   select ctid from tick_seen where seen_at < now() - interval '90 days' limit 5000))
            """)
    int forgetSeen();

    @Select("select trial_id from cover_set where workroom_id = #{workroom} and id = #{set} and trial_id is not null")
    Optional<Long> trial(@Param("workroom") long workroom, @Param("set") long set);

    @Update("""
            update cover_set s set trial_id = (select m.cover_id from set_cover m
                                                where m.set_id = s.id and m.cover_id = #{cover})
             where s.workroom_id = #{workroom} and s.id = #{set}
            """)
    void tryFirst(@Param("workroom") long workroom, @Param("set") long set, @Param("cover") long cover);

    /** The plan of a cover as it was cut. */
    record CutRow(long coverId, String plan) {}

    @Select("""
            select k.cover_id, k.plan::text as plan from cover_cut k join cover c on c.id = k.cover_id
             where c.workroom_id = #{workroom}
               and k.cover_id = any(#{covers,typeHandler=org.apache.ibatis.type.ArrayTypeHandler})
            """)
    List<CutRow> plansAtCut(@Param("workroom") long workroom, @Param("covers") Long[] covers);

    @Insert("""
            insert into cover_cut (cover_id, plan, cut_at)
            select c.id, r.plan, now() from cover c join revision r on r.cover_id = c.id and r.number = c.revision
             where c.id = #{cover} and c.workroom_id = #{workroom}
            on conflict do nothing
            """)
    int freeze(@Param("workroom") long workroom, @Param("cover") long cover);

    @Delete("""
            delete from cover_cut where cover_id = #{cover}
               and cover_id in (select id from cover where workroom_id = #{workroom})
            """)
    int thaw(@Param("workroom") long workroom, @Param("cover") long cover);
}
