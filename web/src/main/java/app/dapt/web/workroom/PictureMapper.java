package app.dapt.web.workroom;

import app.dapt.web.workroom.PictureStore.Picture;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The SQL for pictures. Every statement names the workroom, but the one that tidies up. */
@Mapper
interface PictureMapper {

    @Select("select id, jpeg, wide, high from picture where workroom_id = #{workroom} and id = #{id}")
    Optional<Picture> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select(
            value = "insert into picture (workroom_id, jpeg, wide, high) values (#{workroom}, #{jpeg}, "
                    + "#{wide}, #{high}) returning id",
            affectData = true)
    long insert(
            @Param("workroom") long workroom,
            @Param("jpeg") byte[] jpeg,
            @Param("wide") int wide,
            @Param("high") int high);

    @Select("select count(*) from picture where workroom_id = #{workroom}")
    int count(@Param("workroom") long workroom);

    /** Pictures a day old that no revision of any cover or of the log, not even one to go back to, shows. */
    @Delete("""
            delete from picture where made_at < now() - interval '1 day' and id not in (
                select (shown #>> '{}')::bigint from revision r,
                       jsonb_path_query(r.plan, '$.cloths.*.picture.number') as shown)
               and id not in (
                select (shown #>> '{}')::bigint from log_revision r,
                       jsonb_path_query(r.entry, '$.**.picture.number') as shown)
               and id not in (
                select (r.entry ->> 'picture')::bigint from log_revision r where r.entry ->> 'picture' is not null)
            """)
    int dropUnused();
}
