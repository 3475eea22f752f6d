package app.dapt.web.workroom;

import app.dapt.web.workroom.PictureStore.Picture;
import java.util.List;
import java.util.Optional;
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
            dropUnused();
        }
        return pictures.count(covers.workroom()) >= MOST
                ? Optional.empty()
                : Optional.of(pictures.insert(covers.workroom(), jpeg, wide, high));
    }

    /** Lets go the pictures that nothing shows any more, some at a time; how many. */
    int dropUnused() {
        int gone = 0;
        for (List<Long> some = pictures.old(0); !some.isEmpty(); some = pictures.old(some.get(some.size() - 1))) {
            gone += pictures.dropUnused(some.get(0), some.get(some.size() - 1));
        }
        return gone;
    }
}
