package app.dapt.web.workroom;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for what is on the shelf. Every statement names the workroom. */
@Mapper
interface ShelfMapper {

    /** A thing and how much of it is there; nought where it has no size or width, empty where no fabric is told of. */
    record ThingRow(
            long id,
            String kind,
            String name,
            String colour,
            long size,
            long width,
            int price,
            String fabric,
            long stock) {}

    String THINGS = """
            select t.id, t.kind, t.name, t.colour, coalesce(t.size, 0) as size, coalesce(t.width, 0) as width, t.price,
                   coalesce(t.fabric::text, '') as fabric,
                   coalesce((select sum(m.amount) from movement m where m.thing_id = t.id), 0)::bigint as stock
              from thing t where t.workroom_id = #{workroom} and t.gone_at is null
            """;

    @Select(THINGS + """
             and (#{find} = '' or t.name ilike '%' || #{find} || '%') and (#{kind} = '' or t.kind = #{kind})
             order by t.kind, t.name, t.size, t.id limit #{most}
            """)
    List<ThingRow> list(
            @Param("workroom") long workroom,
            @Param("find") String find,
            @Param("kind") String kind,
            @Param("most") int most);

    @Select(THINGS + " and t.id = #{id}")
    Optional<ThingRow> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select("select count(*) from thing where workroom_id = #{workroom} and gone_at is null")
    int count(@Param("workroom") long workroom);

    @Select(value = """
            insert into thing (workroom_id, kind, name, colour, size, width, price, fabric)
            values (#{workroom}, #{t.kind}, #{t.name}, #{t.colour}, nullif(#{t.size}, 0), nullif(#{t.width}, 0),
                    #{t.price}, cast(nullif(#{t.fabric}, '') as jsonb)) returning id
            """, affectData = true)
    long insert(@Param("workroom") long workroom, @Param("t") ThingRow thing);

    @Update("""
            update thing set name = #{t.name}, colour = #{t.colour}, size = nullif(#{t.size}, 0),
                   width = nullif(#{t.width}, 0), price = #{t.price},
                   fabric = cast(nullif(#{t.fabric}, '') as jsonb)
             where workroom_id = #{workroom} and id = #{t.id} and gone_at is null
            """)
    int change(@Param("workroom") long workroom, @Param("t") ThingRow thing);

    @Update("""
            update thing set gone_at = case when #{gone} then now() end
             where workroom_id = #{workroom} and id = #{id} and (gone_at is null) = #{gone}
            """)
    int putAway(@Param("workroom") long workroom, @Param("id") long id, @Param("gone") boolean gone);

    /** Waits for whoever moves any of it. */
    @Select("select id from thing where workroom_id = #{workroom} and id = #{id} and gone_at is null for update")
    Optional<Long> lock(@Param("workroom") long workroom, @Param("id") long id);

    /** A movement; nought where it undoes none, empty where it was not for what was cut. */
    record MovementRow(long id, String why, long amount, Instant at, long undoes, String cut) {}

    @Select("""
            select m.id, m.why, m.amount, m.at, coalesce(m.undoes, 0) as undoes,
                   coalesce(r.plan ->> 'name', s.name, '') as cut
              from movement m join thing t on t.id = m.thing_id
              left join cut_taken k on k.movement_id = m.id
              left join cover c on c.id = k.cover_id left join revision r on r.cover_id = c.id and r.number = c.revision
              left join cover_set s on s.id = k.set_id
             where t.workroom_id = #{workroom} and t.id = #{id} order by m.id desc
            """)
    List<MovementRow> movements(@Param("workroom") long workroom, @Param("id") long id);

    @Insert("""
            insert into movement (thing_id, why, amount, undoes)
            select id, #{why}, #{amount}, nullif(#{undoes}, 0) from thing where id = #{id} and workroom_id = #{workroom}
            """)
    int move(
            @Param("workroom") long workroom,
            @Param("id") long id,
            @Param("why") String why,
            @Param("amount") long amount,
            @Param("undoes") long undoes);

    @Insert("""
            insert into cut_taken (movement_id, cover_id, set_id)
            select max(m.id), case when not #{isSet} then #{id} end::bigint, case when #{isSet} then #{id} end::bigint
              from movement m join thing t on t.id = m.thing_id
             where t.id = #{thing} and t.workroom_id = #{workroom}
            """)
    void noteTaken(
            @Param("workroom") long workroom,
            @Param("thing") long thing,
            @Param("isSet") boolean isSet,
            @Param("id") long id);

    /** What was taken for a cover or a set and not given back, or was left of it. */
    record TakenRow(long thing, long movement, boolean isLeft) {}

    @Select("""
            select m.thing_id as thing, m.id as movement, m.why = 'LEFT_OVER' as is_left
              from cut_taken k join movement m on m.id = k.movement_id join thing t on t.id = m.thing_id
             where t.workroom_id = #{workroom} and case when #{isSet} then k.set_id else k.cover_id end = #{id}
               and not exists (select 1 from movement u where u.undoes = m.id)
             order by m.id
            """)
    List<TakenRow> taken(@Param("workroom") long workroom, @Param("isSet") boolean isSet, @Param("id") long id);
}
