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

    /** A deleted cover: no more of it is read than what it was called. */
    record BinRow(long id, String name) {}

    String COVER = """
            select c.id, c.version, c.revision, r.plan::text as plan, c.gesture, c.gesture_from,
                   (select max(number) from revision where cover_id = c.id) as last
              from cover c join revision r on r.cover_id = c.id and r.number = c.revision
             where c.workroom_id = #{workroom}
            """;
    String FOUND = " from cover where workroom_id = #{workroom} and deleted_at is null and (#{like} = '%%' "
            + "or words ilike #{like})";

    @Select("select min(id) from workroom")
    long firstWorkroom();

    @Select(COVER + " and c.id = #{id} and c.deleted_at is null")
    Optional<CoverRow> find(@Param("workroom") long workroom, @Param("id") long id);

    /** What made the present revision, where there is one before it to go back to, or one that comes after it. */
    @Select("""
            select r.gesture, r.made_at as at
              from cover c join revision r on r.cover_id = c.id and r.number = c.revision + #{after}
             where c.workroom_id = #{workroom} and c.id = #{id} and (#{after} > 0 or c.revision > 1)
            """)
    Optional<TableStore.Made> made(@Param("workroom") long workroom, @Param("id") long id, @Param("after") int after);

    /** The plan as it was before what a gesture did; nothing where that did nothing yet. */
    @Select("""
            select r.plan::text from cover c join revision r on r.cover_id = c.id and r.number = c.revision - 1
             where c.workroom_id = #{workroom} and c.id = #{id} and c.gesture = #{gesture}
            """)
    Optional<String> planBefore(
            @Param("workroom") long workroom, @Param("id") long id, @Param("gesture") String gesture);

    @Select(COVER + " and c.id in (select id" + FOUND
            + " order by changed_at desc, id desc offset #{from} limit #{most})"
            + " order by c.changed_at desc, c.id desc")
    List<CoverRow> list(
            @Param("workroom") long workroom,
            @Param("like") String like,
            @Param("from") int from,
            @Param("most") int most);

    @Select("select count(*)" + FOUND)
    int countFound(@Param("workroom") long workroom, @Param("like") String like);

    /** Notes what a cover is found by, as it stands now. */
    @Update("""
            update cover c set words = concat_ws(' ', r.plan ->> 'name',
                   r.plan #>> '{cloths,front,name}', r.plan #>> '{cloths,back,name}')
              from revision r where c.id = #{id} and r.cover_id = c.id and r.number = c.revision
            """)
    void noteWords(@Param("id") long id);

    @Select("""
            select c.id, r.plan->>'name' as name
              from cover c join revision r on r.cover_id = c.id and r.number = c.revision
             where c.workroom_id = #{workroom} and c.deleted_at > now() - interval '30 days'
             order by c.deleted_at desc limit 200
            """)
    List<BinRow> bin(@Param("workroom") long workroom);

    @Select("select count(*) from cover where workroom_id = #{workroom}")
    int count(@Param("workroom") long workroom);

    @Select(value = "insert into cover (workroom_id) values (#{workroom}) returning id", affectData = true)
    long insert(@Param("workroom") long workroom);

    @Insert("""
            insert into revision (cover_id, number, plan, gesture)
            values (#{id}, #{number}, cast(#{plan} as jsonb), #{gesture})
            on conflict (cover_id, number) do update set plan = excluded.plan, made_at = now()
            """)
    void putRevision(
            @Param("id") long id,
            @Param("number") int number,
            @Param("plan") String plan,
            @Param("gesture") String gesture);

    @Delete("delete from revision where cover_id = #{id} and number > #{number}")
    void dropAfter(@Param("id") long id, @Param("number") int number);

    @Delete("delete from revision where cover_id = #{id} and number <= #{number}")
    void dropUpTo(@Param("id") long id, @Param("number") int number);

    /** Counts the revisions anew from so many later; by way of negative numbers, since each is there once only. */
    @Update("update revision set number = #{by} - number where cover_id = #{id}")
    void countBelowNought(@Param("id") long id, @Param("by") int by);

    @Update("update revision set number = -number where cover_id = #{id}")
    void countAboveNought(@Param("id") long id);

    /** Waits for whoever changes it; what is read after this is what stands. */
    @Select("select id from cover where workroom_id = #{workroom} and id = #{id} and deleted_at is "
            + "null for no key update")
    Optional<Long> lock(@Param("workroom") long workroom, @Param("id") long id);

    @Update("""
            update cover set revision = #{revision}, version = version + 1, changed_at = now(),
                   gesture = #{gesture}, gesture_from = #{gestureFrom}
             where workroom_id = #{workroom} and id = #{id}
            """)
    void move(
            @Param("workroom") long workroom,
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("gesture") String gesture,
            @Param("gestureFrom") long gestureFrom);

    @Update("update cover set deleted_at = now() where workroom_id = #{workroom} and id = #{id} and deleted_at is null")
    int delete(@Param("workroom") long workroom, @Param("id") long id);

    @Update("update cover set deleted_at = null where workroom_id = #{workroom} and id = #{id}")
    int restore(@Param("workroom") long workroom, @Param("id") long id);

    /** Forgets what was deleted long ago, some of it at a time; how many covers. */
    @Delete("""
            delete from cover where id in (
                   select id from cover where deleted_at < now() - interval '31 days' order by id limit 10)
            """)
    int emptyBin();
}
