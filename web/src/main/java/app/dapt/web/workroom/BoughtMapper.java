package app.dapt.web.workroom;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for what was ticked off the list for the shop. Every statement names the workroom. */
@Mapper
interface BoughtMapper {

    @Select("select line from bought where workroom_id = #{workroom} order by at desc limit 1000")
    List<String> lines(@Param("workroom") long workroom);

    @Insert("""
            insert into bought (workroom_id, line) values (#{workroom}, #{line}) on conflict do nothing
            """)
    int tick(@Param("workroom") long workroom, @Param("line") String line);

    @Update("update bought set movement_id = #{movement} where workroom_id = #{workroom} and line = #{line}")
    void moved(@Param("workroom") long workroom, @Param("line") String line, @Param("movement") long movement);

    /** What was put on the shelf with a line; noughts where nothing was. */
    record MovedRow(long thing, long movement) {}

    @Select(value = """
            with gone as (delete from bought where workroom_id = #{workroom} and line = #{line} returning movement_id)
            select coalesce(m.thing_id, 0) as thing, coalesce(m.id, 0) as movement
              from gone left join movement m on m.id = gone.movement_id
            """, affectData = true)
    Optional<MovedRow> untick(@Param("workroom") long workroom, @Param("line") String line);
}
