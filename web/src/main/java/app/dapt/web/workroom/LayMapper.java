package app.dapt.web.workroom;

import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for how cloths are laid. Every statement names the workroom. */
@Mapper
interface LayMapper {

    /** A lay with the revision it points at; its plan is nothing at revision nought. */
    record LayRow(long id, int revision, int last, String plan) {
    }

    String WHOSE = """
             where l.workroom_id = #{workroom} and l.cloth = #{cloth}
               and l.cover_id is not distinct from #{cover,jdbcType=BIGINT} and l.set_id is not distinct from #{set,jdbcType=BIGINT}
            """;
    String ROW = """
            select l.id, l.revision, coalesce((select max(number) from lay_revision where lay_id = l.id), 0) as last,
                   (select plan::text from lay_revision where lay_id = l.id and number = l.revision) as plan
              from lay l
            """ + WHOSE;

    @Select(ROW)
    Optional<LayRow> find(@Param("workroom") long workroom, @Param("cover") Long cover, @Param("set") Long set, @Param("cloth") String cloth);

    /** The same, kept from everybody else until the transaction ends. */
    @Select(ROW + " for update of l")
    Optional<LayRow> lock(@Param("workroom") long workroom, @Param("cover") Long cover, @Param("set") Long set, @Param("cloth") String cloth);

    @Insert("insert into lay (workroom_id, cover_id, set_id, cloth) values (#{workroom}, #{cover,jdbcType=BIGINT}, #{set,jdbcType=BIGINT}, #{cloth}) on conflict do nothing")
    void insert(@Param("workroom") long workroom, @Param("cover") Long cover, @Param("set") Long set, @Param("cloth") String cloth);

    @Insert("insert into lay_revision (lay_id, number, plan) values (#{id}, #{number}, cast(#{plan} as jsonb))")
    void putRevision(@Param("id") long id, @Param("number") int number, @Param("plan") String plan);

    @Delete("delete from lay_revision where lay_id = #{id} and number > #{number}")
    void dropAfter(@Param("id") long id, @Param("number") int number);

    @Update("update lay set revision = #{revision}, changed_at = now() where workroom_id = #{workroom} and id = #{id}")
    void move(@Param("workroom") long workroom, @Param("id") long id, @Param("revision") int revision);
}
