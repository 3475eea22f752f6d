package app.dapt.web.workroom;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for when there is time to sew. Every statement names the workroom. */
@Mapper
interface WorkTimeMapper {

    /** The time there is on one day of the week. */
    record TimeRow(int weekday, LocalTime starts, int minutes) {}

    @Select("select weekday, starts, minutes from work_time where workroom_id = #{workroom}")
    List<TimeRow> times(@Param("workroom") long workroom);

    @Select("select at_a_time from workroom where id = #{workroom}")
    int atATime(@Param("workroom") long workroom);

    @Select("select due from cover where workroom_id = #{workroom} and id = #{id} and due is not null")
    Optional<LocalDate> coverDue(@Param("workroom") long workroom, @Param("id") long id);

    @Select("select due from cover_set where workroom_id = #{workroom} and id = #{id} and due is not null")
    Optional<LocalDate> setDue(@Param("workroom") long workroom, @Param("id") long id);

    /** Waits for whoever changes the workroom's times. */
    @Select("select id from workroom where id = #{workroom} for no key update")
    long lock(@Param("workroom") long workroom);

    @Delete("delete from work_time where workroom_id = #{workroom}")
    void clear(@Param("workroom") long workroom);

    @Insert("""
            insert into work_time (workroom_id, weekday, starts, minutes)
            values (#{workroom}, #{weekday}, #{slot.starts}, #{slot.minutes})
            """)
    void put(@Param("workroom") long workroom, @Param("weekday") int weekday, @Param("slot") WorkTimes.Slot slot);

    @Update("update workroom set at_a_time = #{minutes} where id = #{workroom}")
    void sit(@Param("workroom") long workroom, @Param("minutes") int minutes);

    @Update("update cover set due = #{due,jdbcType=DATE} where workroom_id = #{workroom} and id = #{id}")
    void coverBy(@Param("workroom") long workroom, @Param("id") long id, @Param("due") LocalDate due);

    @Update("update cover_set set due = #{due,jdbcType=DATE} where workroom_id = #{workroom} and id = #{id}")
    void setBy(@Param("workroom") long workroom, @Param("id") long id, @Param("due") LocalDate due);

    @Update("update cover set due = null where workroom_id = #{workroom} and id = #{id}")
    void coverWhenever(@Param("workroom") long workroom, @Param("id") long id);

    @Update("update cover_set set due = null where workroom_id = #{workroom} and id = #{id}")
    void setWhenever(@Param("workroom") long workroom, @Param("id") long id);
}
