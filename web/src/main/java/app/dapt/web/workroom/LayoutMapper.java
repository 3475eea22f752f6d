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
import org.jspecify.annotations.Nullable;

/**
 * The SQL for how cloths are laid. Every statement names the workroom; lists of cloths come as one text, a comma
 * between.
 */
@Mapper
interface LayoutMapper {

    /**
     * A lay with the revision it points at; its plan is nothing at revision nought, where the first is still there to
     * go back from.
     */
    record LayoutRow(long id, long version, int revision, int first, int last, String plan) {

        boolean canUndo() {
            return revision > first || first == 1 && revision == 1;
        }
    }

    /**
     * The lay that belongs to a cloth: the first of those it was made for that is on the table is one of the cloth's.
     */
    @Select("""
            select l.id, l.version, l.revision,
                   coalesce((select min(number) from layout_revision where layout_id = l.id), 1) as first,
                   coalesce((select max(number) from layout_revision where layout_id = l.id), 0) as last,
                   (select plan::text from layout_revision where layout_id = l.id and number = l.revision) as plan
              from layout l
             where l.workroom_id = #{workroom}
               and l.cover_id is not distinct from #{cover,jdbcType=BIGINT}
               and l.set_id is not distinct from #{set,jdbcType=BIGINT}
               and (select member from unnest(l.cloths) with ordinality as made(member, place)
                     where member = any(string_to_array(#{onTable}, ',')) order by place limit 1)
                   = any(string_to_array(#{members}, ','))
             order by l.id limit 1
            """)
    Optional<LayoutRow> find(
            @Param("workroom") long workroom,
            @Param("cover") Long cover,
            @Param("set") Long set,
            @Param("members") String members,
            @Param("onTable") String onTable);

    /** What the cloths are called that covers are cut from what is at hand of them. */
    @Select("""
            select unnest(l.cloths) from layout l join layout_revision r on r.layout_id = l.id and r.number = l.revision
             where l.workroom_id = #{workroom} and l.cover_id is not null and r.plan @> '{"onRemnants": true}'
            """)
    List<String> atHand(@Param("workroom") long workroom);

    /** A cloth that is cut from what is at hand: whose table it lies on, what it is called there, how it lies. */
    record AtHandRow(@Nullable Long coverId, @Nullable Long setId, String members, String plan) {}

    @Select("""
            select l.cover_id, l.set_id, array_to_string(l.cloths, ',') as members, r.plan::text as plan
              from layout l join layout_revision r on r.layout_id = l.id and r.number = l.revision
             where l.workroom_id = #{workroom} and r.plan @> '{"onRemnants": true}'
            """)
    List<AtHandRow> onRemnants(@Param("workroom") long workroom);

    /** When a revision was made. */
    @Select("select made_at from layout_revision where layout_id = #{id} and number = #{number}")
    Optional<Instant> made(@Param("id") long id, @Param("number") int number);

    @Insert("insert into layout (workroom_id, cover_id, set_id, cloths) values (#{workroom}, #{cover}, "
            + "#{set}, string_to_array(#{members}, ','))")
    void insert(
            @Param("workroom") long workroom,
            @Param("cover") Long cover,
            @Param("set") Long set,
            @Param("members") String members);

    @Insert("insert into layout_revision (layout_id, number, plan) values (#{id}, #{number}, cast(#{plan} as jsonb))")
    void putRevision(@Param("id") long id, @Param("number") int number, @Param("plan") String plan);

    @Delete("delete from layout_revision where layout_id = #{id} and number > #{number}")
    void dropAfter(@Param("id") long id, @Param("number") int number);

    @Delete("delete from layout_revision where layout_id = #{id} and number <= #{number}")
    void dropUpTo(@Param("id") long id, @Param("number") int number);

    @Update("""
            update layout set revision = #{revision}, version = version + 1, changed_at = now(),
                   cloths = cloths || array(select m from unnest(string_to_array(#{members}, ',')) as more(m)
                                     where m <> all(cloths))
             where workroom_id = #{workroom} and id = #{id}
            """)
    void move(
            @Param("workroom") long workroom,
            @Param("id") long id,
            @Param("revision") int revision,
            @Param("members") String members);
}
