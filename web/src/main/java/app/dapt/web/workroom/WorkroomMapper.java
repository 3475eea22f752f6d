package app.dapt.web.workroom;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The SQL for what is decided once for a whole workroom. */
@Mapper
interface WorkroomMapper {

    @Select("select currency from workroom where id = #{workroom} and currency is not null")
    Optional<String> currency(@Param("workroom") long workroom);

    @Update("update workroom set currency = #{currency} where id = #{workroom}")
    void choose(@Param("workroom") long workroom, @Param("currency") String currency);
}
