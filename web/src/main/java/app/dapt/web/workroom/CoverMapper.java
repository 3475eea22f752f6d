package app.dapt.web.workroom;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for covers and their revisions. Every statement names the workroom. */
@Mapper
interface CoverMapper {

    String COVER = """
            select c.id, c.version, c.revision, r.plan::text as plan, r.gesture,
                   (select max(number) from revision where cover_id = c.id) as last
              from cover c join revision r on r.cover_id = c.id and r.number = c.revision
             where c.workroom_id = #{workroom}
            """;

    @Select("select min(id) from workroom")
    long firstWorkroom();

    @Select(COVER + " and c.id = #{id} and c.deleted_at is null")
    Optional<CoverRow> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select(COVER + """
             and c.deleted_at is null
             and (r.plan->>'name' ilike #{like} or r.plan#>>'{cloths,front,name}' ilike #{like}
                  or r.plan#>>'{cloths,back,name}' ilike #{like})
             order by c.changed_at desc, c.id desc limit 200
            """)
    List<CoverRow> list(@Param("workroom") long workroom, @Param("like") String like);

    @Select(COVER + " and c.deleted_at > now() - interval '30 days' order by c.deleted_at desc limit 20")
    List<CoverRow> deleted(@Param("workroom") long workroom);

    @Select("select count(*) from cover where workroom_id = #{workroom}")
    int count(@Param("workroom") long workroom);

    @Select(value = "insert into cover (workroom_id) values (#{workroom}) returning id", affectData = true)
    long insert(@Param("workroom") long workroom);

    @Insert("""
            insert into revision (cover_id, number, plan, gesture)
            values (#{id}, #{number}, cast(#{plan} as jsonb), #{gesture})
            on conflict (cover_id, number) do update set plan = excluded.plan, made_at = now()
            """)
    void putRevision(@Param("id") long id, @Param("number") int number, @Param("plan") String plan,
            @Param("gesture") String gesture);

    @Delete("delete from revision where cover_id = #{id} and number > #{number}")
    void dropAfter(@Param("id") long id, @Param("number") int number);

    @Update("""
            update cover set revision = #{revision}, version = version + 1, changed_at = now()
             where workroom_id = #{workroom} and id = #{id} and version = #{version} and deleted_at is null
            """)
    int move(@Param("workroom") long workroom, @Param("id") long id, @Param("version") long version,
            @Param("revision") int revision);

    @Update("update cover set deleted_at = now() where workroom_id = #{workroom} and id = #{id} and deleted_at is null")
    int delete(@Param("workroom") long workroom, @Param("id") long id);

    @Update("update cover set deleted_at = null where workroom_id = #{workroom} and id = #{id}")
    int restore(@Param("workroom") long workroom, @Param("id") long id);
}
