package app.dapt.web.workroom;

import app.dapt.web.workroom.PictureStore.Picture;
import java.util.List;
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

    /** The numbers of pictures a day old, some after a number. */
    @Select("""
            select id from picture where id > #{after} and made_at < now() - interval '1 day' order by id limit 50
            """)
    List<Long> old(@Param("after") long after);

    /**
     * Drops those of some pictures that no revision of any cover or of the log shows, not even one to go back to, nor a
     * plan as it was cut. Each is looked for by the indexes of what revisions show.
     */
    @Delete("""
            delete from picture p where p.id between #{first} and #{last} and made_at < now() - interval '1 day'
               and not exists (
                select 1 from revision where jsonb_path_exists(plan, '$.cloths.*.picture')
                   and jsonb_path_query_array(plan, '$.cloths.*.picture.number') @> to_jsonb(p.id))
               and not exists (
                select 1 from log_revision where jsonb_path_exists(entry, '$.**.picture')
                   and jsonb_path_query_array(entry, '$.**.picture.number') @> to_jsonb(p.id))
               and not exists (
                select 1 from log_revision where jsonb_path_exists(entry, '$.**.picture')
                   and jsonb_path_query_array(entry, '$.picture') @> to_jsonb(p.id))
               and not exists (
                select 1 from cover_cut
                 where jsonb_path_query_array(plan, '$.cloths.*.picture.number') @> to_jsonb(p.id))
            """)
    int dropUnused(@Param("first") long first, @Param("last") long last);
}
