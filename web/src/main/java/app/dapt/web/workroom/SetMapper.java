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

/** The SQL for sets of covers. Every statement names the workroom. */
@Mapper
interface SetMapper {

    /** A set without its covers. */
    record SetRow(long id, long version, String name) {}

    /** A cover's place in a set. */
    record MemberRow(long coverId, int count) {}

    @Select("select id, version, name from cover_set where workroom_id = #{workroom} and id = #{id}")
    Optional<SetRow> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select("""
            select s.id, s.name, (select count(*) from set_cover m join cover c on c.id = m.cover_id
                                   where m.set_id = s.id and c.deleted_at is null)::int as covers
              from cover_set s where s.workroom_id = #{workroom} order by s.made_at desc, s.id desc limit 200
            """)
    List<CoverSet.Line> list(@Param("workroom") long workroom);

    /** Which cover is in which set. */
    record PlaceRow(long setId, long coverId) {}

    @Select("""
            select m.set_id, m.cover_id from set_cover m join cover_set s on s.id = m.set_id
             where s.workroom_id = #{workroom}
            """)
    List<PlaceRow> places(@Param("workroom") long workroom);

    @Select("""
            select m.cover_id, m.count from set_cover m join cover c on c.id = m.cover_id
             where m.set_id = #{set} and c.workroom_id = #{workroom} and c.deleted_at is null order by m.cover_id
            """)
    List<MemberRow> members(@Param("workroom") long workroom, @Param("set") long set);

    @Select(
            value = "insert into cover_set (workroom_id, name) values (#{workroom}, #{name}) returning id",
            affectData = true)
    long insert(@Param("workroom") long workroom, @Param("name") String name);

    /** Waits for whoever changes it; what is read after this is what stands. */
    @Select("select id from cover_set where workroom_id = #{workroom} and id = #{id} for no key update")
    Optional<Long> lock(@Param("workroom") long workroom, @Param("id") long id);

    @Update("update cover_set set name = #{name}, version = version + 1 where workroom_id = #{workroom} and id = #{id}")
    void change(@Param("workroom") long workroom, @Param("id") long id, @Param("name") String name);

    @Delete("delete from cover_set where workroom_id = #{workroom} and id = #{id}")
    int delete(@Param("workroom") long workroom, @Param("id") long id);

    @Insert("""
            insert into set_cover (set_id, cover_id, count)
            select s.id, c.id, #{count} from cover_set s, cover c
             where s.id = #{set} and s.workroom_id = #{workroom} and c.id = #{cover} and c.workroom_id = #{workroom}
            on conflict (set_id, cover_id) do update set count = excluded.count
            """)
    int put(
            @Param("workroom") long workroom,
            @Param("set") long set,
            @Param("cover") long cover,
            @Param("count") int count);

    @Delete("""
            delete from set_cover where set_id = #{set} and cover_id = #{cover}
               and set_id in (select id from cover_set where workroom_id = #{workroom})
            """)
    int remove(@Param("workroom") long workroom, @Param("set") long set, @Param("cover") long cover);

    String STATE = """
            (select coalesce(string_agg(m.cover_id || ':' || m.count, ',' order by m.cover_id), '')
               from set_cover m where m.set_id = s.id)
            """;

    /** What a set is, in one text. */
    @Select("select s.name || '/' || " + STATE + " from cover_set s where s.workroom_id = #{workroom} and s.id = #{id}")
    String state(@Param("workroom") long workroom, @Param("id") long id);

    /** Keeps what a set is as the revision it points at. */
    @Insert("insert into set_revision (set_id, number, name, members) select s.id, s.revision, s.name, " + STATE
            + " from cover_set s where s.workroom_id = #{workroom} and s.id = #{id}"
            + " on conflict (set_id, number) do update set name = excluded.name, members = excluded.members")
    void keep(@Param("workroom") long workroom, @Param("id") long id);

    /** Points at the next revision or at the one before. */
    @Update("update cover_set set revision = revision + #{by}, version = version + 1"
            + " where workroom_id = #{workroom} and id = #{id}")
    void point(@Param("workroom") long workroom, @Param("id") long id, @Param("by") int by);

    /** Forgets what was undone, and what lies so far back. */
    @Delete("""
            delete from set_revision r using cover_set s
             where s.workroom_id = #{workroom} and s.id = #{id} and r.set_id = s.id
               and (r.number > s.revision or r.number < s.revision - #{most})
            """)
    void forget(@Param("workroom") long workroom, @Param("id") long id, @Param("most") int most);

    /** When what can be undone was made, or what can be redone. */
    @Select("""
            select max(r.made_at) from cover_set s join set_revision r
                on r.set_id = s.id and r.number in (s.revision + #{by}, s.revision + greatest(0, #{by}))
             where s.workroom_id = #{workroom} and s.id = #{id}
            having bool_or(r.number = s.revision + #{by})
            """)
    Optional<Instant> made(@Param("workroom") long workroom, @Param("id") long id, @Param("by") int by);

    @Delete("""
            delete from set_cover m using cover_set s
             where s.workroom_id = #{workroom} and s.id = #{id} and m.set_id = s.id
            """)
    void empty(@Param("workroom") long workroom, @Param("id") long id);

    /** Calls an empty set as the revision it points at does, and puts into it what is still there of its covers. */
    @Insert("""
            with named as (
                update cover_set s set name = r.name from set_revision r
                 where s.workroom_id = #{workroom} and s.id = #{id} and r.set_id = s.id and r.number = s.revision)
            insert into set_cover (set_id, cover_id, count)
            select s.id, c.id, split_part(member, ':', 2)::int
              from cover_set s join set_revision r on r.set_id = s.id and r.number = s.revision
                   cross join unnest(string_to_array(r.members, ',')) member
                   join cover c on c.id = split_part(member, ':', 1)::bigint and c.workroom_id = s.workroom_id
             where s.workroom_id = #{workroom} and s.id = #{id}
            """)
    void fill(@Param("workroom") long workroom, @Param("id") long id);
}
