package app.dapt.web.workroom;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for wash tests. Every statement names the workroom. */
@Mapper
interface WashMapper {

    /** A test, its lengths as the exact number they are. */
    record WashRow(long id, String cloth, long beforeAcross, long afterAcross, long beforeAlong, long afterAlong) {}

    @Select("""
            select id, cloth, before_across, after_across, before_along, after_along from wash_test
             where workroom_id = #{workroom} and deleted_at is null order by tested_at desc limit 500
            """)
    List<WashRow> list(@Param("workroom") long workroom);

    @Insert("""
            insert into wash_test (workroom_id, cloth, before_across, after_across, before_along, after_along)
            values (#{workroom}, #{row.cloth}, #{row.beforeAcross}, #{row.afterAcross}, #{row.beforeAlong},
                    #{row.afterAlong})
            """)
    void insert(@Param("workroom") long workroom, @Param("row") WashRow row);

    @Update("update wash_test set deleted_at = now() where workroom_id = #{workroom} and id = #{id}")
    void delete(@Param("workroom") long workroom, @Param("id") long id);
}
