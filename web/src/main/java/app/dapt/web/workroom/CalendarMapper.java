package app.dapt.web.workroom;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The SQL for what is in work. Every statement names the workroom. */
@Mapper
interface CalendarMapper {

    /** A cover or a set that is in work. */
    record InWorkRow(boolean isSet, long id, @Nullable LocalDate due, int workRank) {}

    /** Covers by themselves that have a day or a place, or are begun; and sets that are, or of which a cover is. */
    @Select("""
            select * from (
                select false as is_set, c.id, c.due, coalesce(c.work_rank, 0) as work_rank
                  from cover c
                 where c.workroom_id = #{workroom} and c.deleted_at is null
                   and not exists (select 1 from set_cover m where m.cover_id = c.id and m.count > 0)
                   and (c.due is not null or c.work_rank is not null
                        or exists (select 1 from step_tick t where t.cover_id = c.id and t.done))
                union all
                select true, s.id, least(s.due, (select min(c.due) from set_cover m join cover c on c.id = m.cover_id
                                                  where m.set_id = s.id and m.count > 0 and c.deleted_at is null)),
                       coalesce(s.work_rank, 0)
                  from cover_set s
                 where s.workroom_id = #{workroom}
                   and (s.due is not null or s.work_rank is not null
                        or exists (select 1 from set_cover m join cover c on c.id = m.cover_id
                                    where m.set_id = s.id and m.count > 0 and c.deleted_at is null
                                      and (c.due is not null
                                           or exists (select 1 from step_tick t where t.cover_id = c.id and t.done)))))
                w order by due nulls last, case when work_rank = 0 then 1 else 0 end, work_rank, is_set desc, id
             limit #{most}
            """)
    List<InWorkRow> inWork(@Param("workroom") long workroom, @Param("most") int most);

    /** A cover by itself or a set, by its name. */
    record OtherRow(boolean isSet, long id, String name) {}

    @Select("""
            select true as is_set, id, name from cover_set where workroom_id = #{workroom}
            union all
            (select false, c.id, coalesce(r.plan->>'name', '') from cover c
               join revision r on r.cover_id = c.id and r.number = c.revision
              where c.workroom_id = #{workroom} and c.deleted_at is null
                and not exists (select 1 from set_cover m where m.cover_id = c.id and m.count > 0)
              order by c.changed_at desc, c.id desc limit #{most})
            """)
    List<OtherRow> others(@Param("workroom") long workroom, @Param("most") int most);

    /** When something was ticked last. */
    @Select("""
            select max(t.at) from step_tick t join cover c on c.id = t.cover_id
             where c.workroom_id = #{workroom} and c.deleted_at is null and t.done
            """)
    @Nullable
    Instant lastTick(@Param("workroom") long workroom);

    @Update("""
            update cover set work_rank = nullif(#{rank}, 0)
             where workroom_id = #{workroom} and id = #{id} and deleted_at is null
            """)
    int placeCover(@Param("workroom") long workroom, @Param("id") long id, @Param("rank") int rank);

    @Update("update cover_set set work_rank = nullif(#{rank}, 0) where workroom_id = #{workroom} and id = #{id}")
    int placeSet(@Param("workroom") long workroom, @Param("id") long id, @Param("rank") int rank);

    @Select("select day from day_off where workroom_id = #{workroom} order by day")
    List<LocalDate> daysOff(@Param("workroom") long workroom);

    @Delete("delete from day_off where workroom_id = #{workroom}")
    void clearDaysOff(@Param("workroom") long workroom);

    @Insert("insert into day_off (workroom_id, day) values (#{workroom}, #{day}) on conflict do nothing")
    void dayOff(@Param("workroom") long workroom, @Param("day") LocalDate day);
}
