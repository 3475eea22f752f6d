package app.dapt.web.workroom;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The SQL for links to covers and sets. */
@Mapper
interface LinkMapper {

    record LinkRow(
            long id, @Nullable Long coverId, @Nullable Long setId, Instant madeAt) {}

    @Select("""
            select id, cover_id, set_id, made_at from link
             where workroom_id = #{workroom} and case when #{isSet} then set_id else cover_id end = #{id}
               and ended_at is null order by id
            """)
    List<LinkRow> list(@Param("workroom") long workroom, @Param("isSet") boolean isSet, @Param("id") long id);

    @Insert("""
            insert into link (workroom_id, cover_id, set_id, code_hash)
            values (#{workroom}, case when not #{isSet} then #{id} end::bigint,
                    case when #{isSet} then #{id} end::bigint, #{hash})
            """)
    void insert(
            @Param("workroom") long workroom,
            @Param("isSet") boolean isSet,
            @Param("id") long id,
            @Param("hash") byte[] hash);

    @Update("update link set ended_at = now() where workroom_id = #{workroom} and id = #{id} and ended_at is null")
    int end(@Param("workroom") long workroom, @Param("id") long id);

    @Select("select id, cover_id, set_id, made_at from link where code_hash = #{hash} and ended_at is null")
    Optional<LinkRow> find(@Param("hash") byte[] hash);
}
