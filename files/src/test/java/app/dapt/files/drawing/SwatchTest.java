package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Motif.Ink;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.measure.Length;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Element;

/** A cloth as it is drawn: its print at its own repeat, in inks that can be told from its ground. */
class SwatchTest {

    private static final double SCALE = 12;
    private static final Cloth AWNING = new Cloth("Awning", "#1e2f4d", Print.SAIL, Length.inches(54), false);
    private static final Repeat OBLONG = new Repeat(Length.inches(5), Length.inches(10));

    private static Cloth repeated(Cloth cloth, boolean sideways) {
        return cloth.used(sideways, Optional.of(OBLONG), Shrinkage.NONE);
    }

    private static Element pattern(Consumer<Markup> write) {
        Markup svg = new Markup().open("defs");
        write.accept(svg);
        return Drawn.all(Drawn.read(svg.close("defs").toString()), "pattern").get(0);
    }

    @ParameterizedTest
    @EnumSource(Print.class)
    void aPrintComesAgainAtItsRepeat(Print print) {
        Cloth cloth = repeated(AWNING, false).withPrint(print);
        Element pattern = pattern(svg -> new Swatch(cloth, SCALE).write(svg, "w", false));
        assertThat(pattern.getAttribute("id")).isEqualTo("w");
        assertThat(Drawn.number(pattern, "width")).isCloseTo(5 * SCALE, within(.01));
        assertThat(Drawn.number(pattern, "height")).isCloseTo(10 * SCALE, within(.01));
        Element ground = Drawn.all(pattern, "rect").get(0);
        assertThat(ground.getAttribute("fill")).isEqualTo("#1e2f4d");
        assertThat(Drawn.number(ground, "height")).isCloseTo(10 * SCALE, within(.01));
        assertThat(Drawn.all(pattern, "path"))
                .hasSize(Math.max(1, print.motifs().size()));
        assertThat(Drawn.all(pattern, "g")).singleElement().satisfies(g -> assertThat(g.getAttribute("transform"))
                .as("stretched to the repeat")
                .isEqualTo("scale(1 2)"));
        assertThat(Drawn.all(pattern, "path"))
                .allSatisfy(path -> assertThat(path.getAttribute("d")).startsWith("M"));
    }

    @Test
    void aPlainClothIsAThreadOrTwoAtAnyScale() {
        Cloth plain = AWNING.withPrint(Print.PLAIN);
        Element pattern = pattern(svg -> new Swatch(plain, SCALE).write(svg, "w"));
        assertThat(Drawn.number(pattern, "width")).isCloseTo(4, within(.01));
        assertThat(Drawn.number(pattern, "height")).isCloseTo(4, within(.01));
        assertThat(Drawn.all(pattern, "path")).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "false, false, rotate(0)",
        "true, false, rotate(180)",
        "false, true, rotate(90)",
        "true, true, rotate(270)"
    })
    void aPieceUpsideDownOrSidewaysTurnsItsPrint(boolean turned, boolean sideways, String placed) {
        Element pattern = pattern(svg -> new Swatch(repeated(AWNING, sideways), SCALE).write(svg, "w", turned));
        assertThat(pattern.getAttribute("patternTransform")).isEqualTo(placed);
    }

    @Test
    void aMotifIsCentredOrAPointOfThePrintPutWhereItFalls() {
        Swatch upright = new Swatch(repeated(AWNING, false), SCALE);
        assertThat(pattern(svg -> upright.writeCentred(svg, "w", 100, 200)).getAttribute("patternTransform"))
                .isEqualTo("translate(70 140)");
        assertThat(pattern(svg -> upright.writeAt(svg, "w", 7, 8, 3, -4)).getAttribute("patternTransform"))
                .isEqualTo("translate(7 8) translate(-3 4)");
        Swatch sideways = new Swatch(repeated(AWNING, true), SCALE);
        assertThat(pattern(svg -> sideways.writeCentred(svg, "w", 100, 200)).getAttribute("patternTransform"))
                .endsWith(" rotate(90)");
        assertThat(pattern(svg -> sideways.writeAt(svg, "w", 7, 8, 3, 4)).getAttribute("patternTransform"))
                .isEqualTo("translate(7 8) rotate(90) translate(-3 -4)");
    }

    @Test
    void aPictureIsLaidEdgeToEdge() {
        Cloth pictured = AWNING.withPhoto(Optional.of(new Photo(42, Length.inches(10), Length.inches(8))));
        Element pattern = pattern(svg -> new Swatch(pictured, SCALE).write(svg, "w", false));
        assertThat(Drawn.number(pattern, "width")).isCloseTo(120, within(.01));
        assertThat(Drawn.number(pattern, "height")).isCloseTo(96, within(.01));
        assertThat(Drawn.all(pattern, "path")).as("no print under it").isEmpty();
        Element picture = Drawn.all(pattern, "image").get(0);
        assertThat(picture.getAttribute("href")).isEqualTo("/pictures/42");
        assertThat(Drawn.number(picture, "width")).isEqualTo(Drawn.number(pattern, "width"));
        assertThat(Drawn.number(picture, "height")).isEqualTo(Drawn.number(pattern, "height"));
        assertThat(Drawn.number(Drawn.all(pattern, "rect").get(0), "height"))
                .isEqualTo(Drawn.number(pattern, "height"));
    }

    /** By luminance, in which green counts most and blue least. */
    @ParameterizedTest
    @CsvSource({
        "#000000, true",
        "#ffffff, false",
        "#00ff00, false",
        "#ff0000, true",
        "#0000ff, true",
        "#ff00ff, true",
        "#707070, true",
        "#747474, false",
        "#d9cfb8, false",
        "#31507e, true",
    })
    void whatIsToBeToldFromTheGroundIsLightOnDarkAndDarkOnLight(String ground, boolean light) {
        Cloth cloth = new Cloth("Cloth", ground, Print.STRIPE, Length.inches(54), false);
        Swatch swatch = new Swatch(cloth, SCALE);
        assertThat(swatch.ink(Ink.ACCENT).equals(swatch.ink(Ink.CHALK))).isEqualTo(light);
        assertThat(swatch.ink(Ink.YELLOW)).isNotIn(swatch.ink(Ink.ACCENT), swatch.ink(Ink.CHALK));
        assertThat(Drawn.all(pattern(svg -> swatch.write(svg, "w")), "path"))
                .anySatisfy(path -> assertThat(path.getAttribute("fill") + path.getAttribute("stroke"))
                        .contains(swatch.ink(Ink.ACCENT)));
    }
}
