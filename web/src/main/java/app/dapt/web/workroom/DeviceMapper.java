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

/** The SQL for devices that were let into a workroom, and for the codes that let them in. */
@Mapper
interface DeviceMapper {

    record DeviceRow(long id, long workroomId, String name, Instant joinedAt, Instant seenAt) {}

    @Select("""
            select id, workroom_id, name, joined_at, seen_at from device
             where workroom_id = #{workroom} and ended_at is null order by id
            """)
    List<DeviceRow> list(@Param("workroom") long workroom);

    @Select("""
            select id, workroom_id, name, joined_at, seen_at from device
             where key_hash = #{hash} and ended_at is null
            """)
    Optional<DeviceRow> find(@Param("hash") byte[] hash);

    @Update("update device set seen_at = now() where id = #{id} and seen_at < now() - interval '1 minute'")
    void seen(@Param("id") long id);

    @Insert("insert into device (workroom_id, name, key_hash) values (#{workroom}, #{name}, #{hash})")
    void insert(@Param("workroom") long workroom, @Param("name") String name, @Param("hash") byte[] hash);

    @Update("update device set ended_at = now() where workroom_id = #{workroom} and id = #{id} and ended_at is null")
    int end(@Param("workroom") long workroom, @Param("id") long id);

    /** What is over or used is of no use to anybody. */
    @Delete("delete from join_code where until < now() or used_at is not null")
    void dropOld();

    @Insert("""
            insert into join_code (workroom_id, code_hash, number, until)
            values (#{workroom}, #{hash}, #{number}, now() + make_interval(mins => #{minutes}))
            """)
    void offer(
            @Param("workroom") long workroom,
            @Param("hash") byte[] hash,
            @Param("number") String number,
            @Param("minutes") int minutes);

    /** Uses a code, once; whose workroom it lets into. */
    @Select(value = """
            update join_code set used_at = now()
             where code_hash = #{hash} and used_at is null and until > now() and tries < #{most} returning workroom_id
            """, affectData = true)
    Optional<Long> use(@Param("hash") byte[] hash, @Param("most") int most);

    /** The same by its number. */
    @Select(value = """
            update join_code set used_at = now()
             where id = (select id from join_code
                          where number = #{number} and used_at is null and until > now() and tries < #{most}
                          order by id desc limit 1 for update)
            returning workroom_id
            """, affectData = true)
    Optional<Long> useNumber(@Param("number") String number, @Param("most") int most);

    /** A wrong number counts against every code it might have been meant for. */
    @Update("update join_code set tries = tries + 1 where used_at is null")
    void wrong();
}
