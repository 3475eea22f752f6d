package app.dapt.web.workroom;

import java.time.LocalDate;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The SQL for whom covers and sets are made. Every statement names the workroom. */
@Mapper
interface ClientMapper {

    record ClientRow(
            String name,
            String reach,
            boolean ownCloth,
            boolean ownForm,
            @Nullable LocalDate until,
            int extra,
            int paid,
            String note,
            @Nullable Long quoted,
            @Nullable LocalDate quotedOn) {}

    @Select("""
            select name, reach, own_cloth, own_form, until, extra, paid, note, quoted, quoted_on from client_card
             where workroom_id = #{workroom} and case when #{isSet} then set_id else cover_id end = #{id}
            """)
    Optional<ClientRow> find(@Param("workroom") long workroom, @Param("isSet") boolean isSet, @Param("id") long id);

    String VALUES = """
            #{c.name}, #{c.reach}, #{c.ownCloth}, #{c.ownForm}, #{c.until,jdbcType=DATE}, #{c.extra}, #{c.paid},
            #{c.note}, #{c.quoted,jdbcType=BIGINT}, #{c.quotedOn,jdbcType=DATE}
            """;

    String CHANGED = """
            do update set name = excluded.name, reach = excluded.reach, own_cloth = excluded.own_cloth,
                   own_form = excluded.own_form, until = excluded.until, extra = excluded.extra, paid = excluded.paid,
                   note = excluded.note, quoted = excluded.quoted, quoted_on = excluded.quoted_on
            """;

    String FIELDS = "name, reach, own_cloth, own_form, until, extra, paid, note, quoted, quoted_on";

    @Insert("insert into client_card (workroom_id, cover_id, " + FIELDS + ") select workroom_id, id, " + VALUES
            + " from cover where id = #{id} and workroom_id = #{workroom} on conflict (cover_id) " + CHANGED)
    int putOfCover(@Param("workroom") long workroom, @Param("id") long id, @Param("c") ClientRow card);

    @Insert("insert into client_card (workroom_id, set_id, " + FIELDS + ") select workroom_id, id, " + VALUES
            + " from cover_set where id = #{id} and workroom_id = #{workroom} on conflict (set_id) " + CHANGED)
    int putOfSet(@Param("workroom") long workroom, @Param("id") long id, @Param("c") ClientRow card);
}
