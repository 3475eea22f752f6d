package app.dapt.web.workroom;

import app.dapt.web.workroom.PictureStore.Picture;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of cloths. They are never changed, so that a cloth that was undone finds its picture again. */
@Service
@Transactional
public class PictureStore {

    /** A picture as it is shown: a JPEG so many pixels wide and high. */
    public record Picture(long id, byte[] jpeg, int wide, int high) {
    }

    private final PictureMapper pictures;
    private final CoverStore covers;

    PictureStore(PictureMapper pictures, CoverStore covers) {
        this.pictures = pictures;
        this.covers = covers;
    }

    @Transactional(readOnly = true)
    public Optional<Picture> find(long id) {
        return pictures.find(covers.workroom(), id);
    }

    public long keep(byte[] jpeg, int wide, int high) {
        return pictures.insert(covers.workroom(), jpeg, wide, high);
    }
}

/** The SQL for pictures. Every statement names the workroom. */
@Mapper
interface PictureMapper {

    @Select("select id, jpeg, wide, high from picture where workroom_id = #{workroom} and id = #{id}")
    Optional<Picture> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select(value = "insert into picture (workroom_id, jpeg, wide, high) values (#{workroom}, #{jpeg}, #{wide}, #{high}) returning id", affectData = true)
    long insert(@Param("workroom") long workroom, @Param("jpeg") byte[] jpeg, @Param("wide") int wide, @Param("high") int high);
}
