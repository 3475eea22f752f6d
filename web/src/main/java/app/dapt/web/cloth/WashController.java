package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.decision.LengthRange;
import app.dapt.measure.Length;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.WashStore;
import app.dapt.web.workroom.WashTest;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A cloth measured before its first wash and after it: that tells what it shrinks by. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/cloth/wash")
class WashController {

    private final Cutting cutting;
    private final WashStore washes;
    private final ClothViews views;

    WashController(Cutting cutting, WashStore washes, ClothViews views) {
        this.cutting = cutting;
        this.washes = washes;
        this.views = views;
    }

    @PostMapping
    String wash(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam Map<String, String> typed, Model model) {
        Cloth use = AtTable.needed(at).stuff();
        Entries entries = new Entries(typed, at.words());
        Optional<Length> beforeAcross = length("before-across", entries);
        Optional<Length> afterAcross = length("after-across", entries);
        Optional<Length> beforeAlong = length("before-along", entries);
        Optional<Length> afterAlong = length("after-along", entries);
        if (entries.isClean()) {
            WashTest test = new WashTest(
                    0,
                    use.name(),
                    beforeAcross.orElseThrow(),
                    afterAcross.orElseThrow(),
                    beforeAlong.orElseThrow(),
                    afterAlong.orElseThrow());
            believe("after-across", test.across(), entries);
            believe("after-along", test.along(), entries);
            if (entries.isClean()) {
                cutting.change(
                        AtTable.needed(at),
                        each -> each.used(
                                each.sideways(), each.ownRepeat(), new Shrinkage(test.across(), test.along())));
                washes.keep(test);
                return at.redirect();
            }
        }
        views.show(at, entries, model);
        return "cloth/page";
    }

    private static Optional<Length> length(String name, Entries entries) {
        Optional<Length> read = entries.maybeLength(name, LengthRange.PIECE, Optional.empty());
        if (read.isEmpty() && entries.refusal(name).isEmpty()) {
            entries.refuse(name, "wash.needed");
        }
        return read;
    }

    private static void believe(String name, int tenths, Entries entries) {
        if (tenths > Shrinkage.MOST) {
            entries.refuse(name, "wash.too-much", Shrinkage.MOST / 10);
        }
    }
}
