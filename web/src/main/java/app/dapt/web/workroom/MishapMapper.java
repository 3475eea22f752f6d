package app.dapt.web.workroom;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** The SQL for what went wrong. Every statement names the workroom. */
@Mapper
interface MishapMapper {

    /** Of one cover, as it is kept. */
    record MishapRow(
            long coverId, String uid, String step, String kind, String note, long unpicked, int seconds, Instant at) {}

    @Select("""
            select m.cover_id, m.uid::text as uid, m.step, m.kind, m.note, m.unpicked, m.seconds, m.at
              from mishap m join cover c on c.id = m.cover_id
             where c.workroom_id = #{workroom} and c.deleted_at is null
               and m.cover_id = any(#{covers,typeHandler=org.apache.ibatis.type.ArrayTypeHandler})
             order by m.at, m.uid
            """)
    List<MishapRow> of(@Param("workroom") long workroom, @Param("covers") Long[] covers);

    /** One more, unless it is there already, or the cover has so many that nobody would read them. */
    @Insert("""
            insert into mishap (uid, cover_id, step, kind, note, unpicked, seconds, at)
            select cast(#{m.uid} as uuid), id, #{m.step}, #{m.kind}, #{m.note}, #{m.unpicked}, #{m.seconds},
                   least(#{m.at}, now())
              from cover where workroom_id = #{workroom} and id = #{m.coverId}
               and (select count(*) from mishap where cover_id = #{m.coverId}) < #{most}
            on conflict do nothing
            """)
    int put(@Param("workroom") long workroom, @Param("m") MishapRow row, @Param("most") int most);

    @Delete("""
            delete from mishap where uid::text = #{uid}
               and cover_id in (select id from cover where workroom_id = #{workroom})
            """)
    int delete(@Param("workroom") long workroom, @Param("uid") String uid);

    /** One of the workroom, and in how many other covers the same was done since without it. */
    record RememberedRow(
            long coverId, String uid, String name, String step, String kind, String note, Instant at, int wellSince) {}

    @Select("""
            select m.cover_id, m.uid::text as uid, r.plan ->> 'name' as name, m.step, m.kind, m.note, m.at,
                   (select count(distinct t.cover_id) from step_tick t join cover o on o.id = t.cover_id
                     where o.workroom_id = #{workroom} and t.cover_id <> m.cover_id and t.done and t.at > m.at
                       and split_part(t.step, '/', 2) = split_part(m.step, '/', 2)
                       and not exists (select 1 from mishap again where again.cover_id = t.cover_id
                                          and again.kind = m.kind
                                          and split_part(again.step, '/', 2) = split_part(m.step, '/', 2)))
                       as well_since
              from mishap m join cover c on c.id = m.cover_id
              join revision r on r.cover_id = c.id and r.number = c.revision
             where c.workroom_id = #{workroom} and c.deleted_at is null
             order by m.at desc, m.uid limit #{most}
            """)
    List<RememberedRow> remembered(@Param("workroom") long workroom, @Param("most") int most);
}
