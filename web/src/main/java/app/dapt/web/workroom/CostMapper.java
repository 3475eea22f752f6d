package app.dapt.web.workroom;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** The SQL for what is set beside a cost. Every statement names the workroom. */
@Mapper
interface CostMapper {

    record BesideRow(@Nullable Integer form, @Nullable Integer bought) {}

    @Select("""
            select b.form, b.bought from cost_beside b
              left join cover c on c.id = b.cover_id left join cover_set s on s.id = b.set_id
             where coalesce(c.workroom_id, s.workroom_id) = #{workroom}
               and case when #{isSet} then b.set_id else b.cover_id end = #{id}
            """)
    Optional<BesideRow> beside(@Param("workroom") long workroom, @Param("isSet") boolean isSet, @Param("id") long id);

    @Insert("""
            insert into cost_beside (cover_id, form, bought)
            select id, #{b.form,jdbcType=INTEGER}, #{b.bought,jdbcType=INTEGER} from cover
             where id = #{id} and workroom_id = #{workroom}
            on conflict (cover_id) do update set form = excluded.form, bought = excluded.bought
            """)
    void putOfCover(@Param("workroom") long workroom, @Param("id") long id, @Param("b") BesideRow beside);

    @Insert("""
            insert into cost_beside (set_id, form, bought)
            select id, #{b.form,jdbcType=INTEGER}, #{b.bought,jdbcType=INTEGER} from cover_set
             where id = #{id} and workroom_id = #{workroom}
            on conflict (set_id) do update set form = excluded.form, bought = excluded.bought
            """)
    void putOfSet(@Param("workroom") long workroom, @Param("id") long id, @Param("b") BesideRow beside);
}
