package app.dapt.web.workroom;

import app.dapt.measure.Length;
import app.dapt.web.workroom.WashMapper.WashRow;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Wash tests of the workroom's cloths. */
@Service
@Transactional
public class WashStore {

    private final WashMapper washes;
    private final CoverStore covers;

    WashStore(WashMapper washes, CoverStore covers) {
        this.washes = washes;
        this.covers = covers;
    }

    /** The latest first. */
    @Transactional(readOnly = true)
    public List<WashTest> list() {
        return washes.list(covers.workroom()).stream()
                .map(row -> new WashTest(
                        row.id(),
                        row.cloth(),
                        new Length(row.beforeAcross()),
                        new Length(row.afterAcross()),
                        new Length(row.beforeAlong()),
                        new Length(row.afterAlong())))
                .toList();
    }

    public void keep(WashTest test) {
        washes.insert(
                covers.workroom(),
                new WashRow(
                        0,
                        test.cloth(),
                        test.beforeAcross().grains(),
                        test.afterAcross().grains(),
                        test.beforeAlong().grains(),
                        test.afterAlong().grains()));
    }

    public void remove(long id) {
        washes.delete(covers.workroom(), id);
    }
}
