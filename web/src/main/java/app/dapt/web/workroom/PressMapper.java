package app.dapt.web.workroom;

import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for what forms have made. */
@Mapper
interface PressMapper {

    @Insert("insert into made (workroom_id, press) values (#{workroom}, #{press}) on conflict do nothing")
    int begin(@Param("workroom") long workroom, @Param("press") String press);

    @Select("select id from made where workroom_id = #{workroom} and press = #{press}")
    Optional<Long> find(@Param("workroom") long workroom, @Param("press") String press);

    @Update("update made set id = #{id} where workroom_id = #{workroom} and press = #{press}")
    void made(@Param("workroom") long workroom, @Param("press") String press, @Param("id") long id);

    /** Forgets what was sent long ago, some of it at a time; how many forms. */
    @Delete("""
            delete from made where ctid = any(array(
                   select ctid from made where made_at < now() - interval '1 day' limit 5000))
            """)
    int forget();
}
