package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.measure.Length;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What lies in the Wren's linen locker. */
@Component
@ConditionalOnProperty("dapt.demo")
class DemoShelf {

    private final ShelfStore shelf;

    DemoShelf(ShelfStore shelf) {
        this.shelf = shelf;
    }

    void layOut() {
        cloth("Harbour stripe", "#31507e", 54, 980, 2.125);
        cloth("Bracken linen", "#7d9c93", 54, 1250, 0.875);
        cloth("Plum velvet", "#6d3a5b", 56, 1890, 1);
        long check = cloth("Fernbank check", "#d9ceb2", 45, 860, 4);
        shelf.move(check, Why.USED, -yards(0.5));
        cloth("Madder twill", "#b23a48", 56, 1100, 0.375);
        remnant("Bracken linen", "#7d9c93", inches(28), inches(21));
        remnant("Harbour stripe", "#31507e", inches(19), inches(34));
        put(notched(), 1);
        form("Saloon seat, firm", 21.25, 21.25, 4);
        form("Bunk square", 18, 18, 2);
        form("Bolster of the chart table", 24, 15, 1);
        zip("Navy", "#1e3355", 12, 320, 2);
        zip("Madder", "#b23a48", 16, 350, 1);
        zip("Sage", "#7d9c93", 18, 350, 1);
        zip("Sand, closed end", "#d9ceb2", 24, 410, 3);
        thing(Kind.CORD, "Cotton cord", "#f4f5f1", Optional.of(Length.inches(0, 3, 16)), 90, yards(8));
        thing(Kind.TRIM, "Pom-poms", "#c98a1b", Optional.of(Length.inches(0, 1, 2)), 240, yards(2));
        thing(Kind.BUTTON, "Brass anchor", "#e2b93b", Optional.of(Length.inches(0, 3, 4)), 110, 11);
        thing(Kind.THREAD, "Indigo thread", "#31507e", Optional.empty(), 290, 4);
        thing(Kind.INTERFACING, "Woven, light", "#ffffff", Optional.empty(), 540, yards(1));
        thing(Kind.FILLING, "Feather", "#f4f5f1", Optional.empty(), 0, 640);
    }

    private static long yards(double yards) {
        return Math.round(yards * Length.inches(36).grains());
    }

    private static Length inches(double inches) {
        return new Length(Math.round(inches * Length.inches(1).grains()));
    }

    private long cloth(String name, String colour, int wide, int price, double yards) {
        return put(
                new Thing(Kind.CLOTH, name, colour, Optional.empty(), Optional.of(Length.inches(wide)), price),
                yards(yards));
    }

    private void remnant(String name, String colour, Length across, Length along) {
        put(new Thing(Kind.REMNANT, name, colour, Optional.of(across), Optional.of(along), 0), 1);
    }

    /** What was left of the wheelhouse curtain, with a corner cut out of it and a stain. */
    private static Thing notched() {
        List<Scrap.Corner> corners = Stream.of(new int[][] {{0, 0}, {40, 0}, {40, 18}, {26, 18}, {26, 30}, {0, 30}})
                .map(at -> new Scrap.Corner(Length.inches(at[0]), Length.inches(at[1])))
                .toList();
        Scrap outline =
                new Scrap("outline", corners, List.of(new Scrap.Spoilt(inches(6), inches(23), inches(2), inches(2))));
        Cloth like = new Cloth("Wheelhouse sail print", "#d9cfb8", Print.SPRIG, Length.inches(54), false);
        return new Thing(
                Kind.REMNANT,
                like.name(),
                like.colour(),
                Optional.of(outline.across()),
                Optional.of(outline.along()),
                0,
                Optional.of(new Fabric(like, true, Optional.of(outline))));
    }

    private void form(String name, double across, double upDown, int count) {
        put(new Thing(Kind.FORM, name, "#f4f5f1", Optional.of(inches(across)), Optional.of(inches(upDown)), 0), count);
    }

    private void zip(String name, String colour, int inches, int price, int count) {
        put(new Thing(Kind.ZIP, name, colour, Optional.of(Length.inches(inches)), Optional.empty(), price), count);
    }

    private void thing(Kind kind, String name, String colour, Optional<Length> size, int price, long stock) {
        put(new Thing(kind, name, colour, size, Optional.empty(), price), stock);
    }

    private long put(Thing thing, long stock) {
        return shelf.put(thing, stock, "").orElseThrow();
    }
}
