package app.dapt.web.workroom;

import app.dapt.web.workroom.PictureStore.Picture;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of cloths. They are never changed, so that a cloth that was undone finds its picture again. */
@Service
@Transactional
public class PictureStore {

    /** A workroom keeps no more. */
    static final int MOST = 1000;

    /** A picture as it is shown: a JPEG so many pixels wide and high. */
    public record Picture(long id, byte[] jpeg, int wide, int high) {}

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

    /**
     * Its number; nothing where there are too many pictures already, those that no cover shows any more let go first.
     */
    public Optional<Long> keep(byte[] jpeg, int wide, int high) {
        if (pictures.count(covers.workroom()) >= MOST) {
            pictures.dropUnused();
        }
        return pictures.count(covers.workroom()) >= MOST
                ? Optional.empty()
                : Optional.of(pictures.insert(covers.workroom(), jpeg, wide, high));
    }
}

/** The SQL for pictures. Every statement names the workroom, but the one that tidies up. */
@Mapper
interface PictureMapper {

    @Select("select id, jpeg, wide, high from picture where workroom_id = #{workroom} and id = #{id}")
    Optional<Picture> find(@Param("workroom") long workroom, @Param("id") long id);

    @Select(
            value = "insert into picture (workroom_id, jpeg, wide, high) values (#{workroom}, #{jpeg}, "
                    + "#{wide}, #{high}) returning id",
            affectData = true)
    long insert(
            @Param("workroom") long workroom,
            @Param("jpeg") byte[] jpeg,
            @Param("wide") int wide,
            @Param("high") int high);

    @Select("select count(*) from picture where workroom_id = #{workroom}")
    int count(@Param("workroom") long workroom);

    /** Pictures a day old that no revision of any cover, not even one to go back to, shows. */
    @Delete("""
            delete from picture where made_at < now() - interval '1 day' and id not in (
                select (shown #>> '{}')::bigint from revision r,
                       jsonb_path_query(r.plan, '$.cloths.*.picture.number') as shown)
            """)
    int dropUnused();
}
