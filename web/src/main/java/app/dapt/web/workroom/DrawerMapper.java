package app.dapt.web.workroom;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for the tools of a workroom. */
@Mapper
interface DrawerMapper {

    /** The codes of its tools, a comma between, and the mat; nought where it was not measured. */
    record DrawerRow(boolean said, String tools, long mat) {}

    @Select("""
            select drawer is not null as said, coalesce(array_to_string(drawer, ','), '') as tools,
                   coalesce(mat, 0) as mat
              from workroom where id = #{workroom}
            """)
    DrawerRow find(@Param("workroom") long workroom);

    @Update("""
            update workroom set drawer = string_to_array(#{tools}, ','), mat = nullif(#{mat}, 0) where id = #{workroom}
            """)
    void keep(@Param("workroom") long workroom, @Param("tools") String tools, @Param("mat") long mat);
}
