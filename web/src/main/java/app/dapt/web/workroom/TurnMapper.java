package app.dapt.web.workroom;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The SQL for covers that take turns. Every statement names the workroom. */
@Mapper
interface TurnMapper {

    record TurnRow(long id, long thing, String form, String cover, int month, int day, String kept) {}

    @Select("""
            select u.id, u.thing_id as thing, t.name as form, u.cover, u.month, u.day, u.kept
              from turn u join thing t on t.id = u.thing_id
             where u.workroom_id = #{workroom} and t.gone_at is null and (#{thing} = 0 or u.thing_id = #{thing})
             order by t.name, u.thing_id, u.month, u.day
            """)
    List<TurnRow> list(@Param("workroom") long workroom, @Param("thing") long thing);

    /** Another cover from the same day takes that one's place. */
    @Insert("""
            insert into turn (workroom_id, thing_id, cover, month, day, kept)
            select workroom_id, id, #{cover}, #{month}, #{day}, #{kept} from thing
             where id = #{thing} and workroom_id = #{workroom} and kind = 'FORM'
            on conflict (thing_id, month, day) do update set cover = excluded.cover, kept = excluded.kept
            """)
    int put(
            @Param("workroom") long workroom,
            @Param("thing") long thing,
            @Param("cover") String cover,
            @Param("month") int month,
            @Param("day") int day,
            @Param("kept") String kept);

    @Delete("delete from turn where workroom_id = #{workroom} and id = #{id}")
    void drop(@Param("workroom") long workroom, @Param("id") long id);
}
