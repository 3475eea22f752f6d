package app.dapt.advice;

import static app.dapt.advice.Fact.ALIKE;
import static app.dapt.advice.Fact.BACK_LIGHTER;
import static app.dapt.advice.Fact.BACK_THICK;
import static app.dapt.advice.Fact.BLOCK_LARGE;
import static app.dapt.advice.Fact.CLOTH_SHORT;
import static app.dapt.advice.Fact.DROP_CLOTH;
import static app.dapt.advice.Fact.FIBRE_FORM;
import static app.dapt.advice.Fact.FRAYS_BADLY;
import static app.dapt.advice.Fact.FRAYS_LITTLE;
import static app.dapt.advice.Fact.FRAYS_NOT;
import static app.dapt.advice.Fact.FRENCH;
import static app.dapt.advice.Fact.FULL;
import static app.dapt.advice.Fact.GIVEN;
import static app.dapt.advice.Fact.HANDLE;
import static app.dapt.advice.Fact.HEAVY;
import static app.dapt.advice.Fact.HEMMED;
import static app.dapt.advice.Fact.INDOORS;
import static app.dapt.advice.Fact.INNER_PANEL;
import static app.dapt.advice.Fact.IN_THE_FIELD;
import static app.dapt.advice.Fact.LAPS;
import static app.dapt.advice.Fact.LIGHT;
import static app.dapt.advice.Fact.LIVED;
import static app.dapt.advice.Fact.LONG_SEAM;
import static app.dapt.advice.Fact.MARKED_EARLY;
import static app.dapt.advice.Fact.MEDIUM;
import static app.dapt.advice.Fact.MOCK_BUTTONS;
import static app.dapt.advice.Fact.NAP;
import static app.dapt.advice.Fact.NAPKIN;
import static app.dapt.advice.Fact.NATURAL;
import static app.dapt.advice.Fact.NOT_FULL;
import static app.dapt.advice.Fact.NOT_NEW;
import static app.dapt.advice.Fact.OLD_HEM;
import static app.dapt.advice.Fact.OUTDOORS;
import static app.dapt.advice.Fact.PIECED_BAND;
import static app.dapt.advice.Fact.PILLOWCASE;
import static app.dapt.advice.Fact.PIPING;
import static app.dapt.advice.Fact.POCKET;
import static app.dapt.advice.Fact.PULLED;
import static app.dapt.advice.Fact.QUILT;
import static app.dapt.advice.Fact.QUILTED_FRONT;
import static app.dapt.advice.Fact.RAW_RUFFLE;
import static app.dapt.advice.Fact.REAL_BUTTONS;
import static app.dapt.advice.Fact.ROW_SHOWS;
import static app.dapt.advice.Fact.SEALED;
import static app.dapt.advice.Fact.SELVAGE;
import static app.dapt.advice.Fact.SERGER;
import static app.dapt.advice.Fact.SEWN_SHUT;
import static app.dapt.advice.Fact.SHARP_CORNERS;
import static app.dapt.advice.Fact.SHEER;
import static app.dapt.advice.Fact.SHEET;
import static app.dapt.advice.Fact.SHOW;
import static app.dapt.advice.Fact.SLANT_WANTED;
import static app.dapt.advice.Fact.SLIPPERY;
import static app.dapt.advice.Fact.STRETCHES;
import static app.dapt.advice.Fact.SYNTHETIC;
import static app.dapt.advice.Fact.THICK;
import static app.dapt.advice.Fact.TRIM_BY_LENGTH;
import static app.dapt.advice.Fact.TRIM_IN_SEAM;
import static app.dapt.advice.Fact.ZIP;
import static app.dapt.advice.Sure.NEARLY_ALL;
import static app.dapt.advice.Sure.OWN;
import static app.dapt.advice.Sure.SCHOOLS;

import app.dapt.advice.Rule.Layer;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** All rows there are. Of those that hold for one choice the first by {@link Advice} is taken. */
final class Rules {

    static final List<Rule> ALL = List.of(
            rule("U1", Layer.USE, Choice.FINISH, "left", SCHOOLS)
                    .when(SHOW, FRAYS_NOT)
                    .when(SHOW, FRAYS_LITTLE),
            rule("U2", Layer.USE, Choice.FINISH, "overlocked", SCHOOLS)
                    .when(LIVED)
                    .when(OUTDOORS, NATURAL),
            rule("U3", Layer.USE, Choice.FINISH, "french", SCHOOLS)
                    .when(LIVED, PILLOWCASE)
                    .when(LIVED, SHEER)
                    .unless(TRIM_IN_SEAM, THICK),
            rule("U4", Layer.USE, Choice.FINISH, "heat-sealed", SCHOOLS).when(OUTDOORS, SYNTHETIC),
            rule("C9", Layer.FRAYS, Choice.FINISH, "overlocked", NEARLY_ALL).when(FRAYS_BADLY, SHOW),
            rule("C11", Layer.FRAYS, Choice.FINISH, "left", NEARLY_ALL)
                    .when(FRAYS_NOT, SHOW)
                    .when(FRAYS_NOT, INDOORS)
                    .unless(LIVED),
            rule("U8", Layer.USE, Choice.OPENING, "envelope", SCHOOLS).when(INDOORS, NOT_FULL),
            rule("U9", Layer.USE, Choice.OPENING, "hidden-zip", SCHOOLS).when(INDOORS, FULL),
            rule("U10", Layer.USE, Choice.OPENING, "edge-zip", SCHOOLS).when(OUTDOORS),
            rule("U11", Layer.USE, Choice.OPENING, "sewn-shut", SCHOOLS).when(OUTDOORS, SYNTHETIC, FIBRE_FORM),
            rule("C5", Layer.THICK, Choice.OPENING, "edge-zip", OWN).when(BACK_THICK),
            rule("U10", Layer.USE, Choice.ZIP, "plastic", SCHOOLS)
                    .when(OUTDOORS)
                    .unless(SEWN_SHUT),
            rule("U12", Layer.USE, Choice.OVERLAP, "wider", OWN).when(PULLED, LAPS),
            rule("U13", Layer.SAFETY, Choice.FASTENING, "nothing", NEARLY_ALL)
                    .when(PULLED)
                    .when(GIVEN),
            rule("U5", Layer.USE, Choice.CROSSINGS, "back-stitched", NEARLY_ALL)
                    .when(HEMMED)
                    .when(LAPS),
            rule("U6", Layer.USE, Choice.SECOND_ROW, "all", SCHOOLS)
                    .when(PULLED)
                    .unless(FRENCH),
            rule("U7", Layer.USE, Choice.CORNER, "knot", SCHOOLS).when(PULLED).when(OUTDOORS),
            rule("W1", Layer.WAS, Choice.PREWASH, "yes", NEARLY_ALL).when(NOT_NEW),
            rule("U15", Layer.USE, Choice.PREWASH, "yes", NEARLY_ALL)
                    .when(LIVED)
                    .when(OUTDOORS, NATURAL),
            rule("U16", Layer.USE, Choice.PREWASH, "no", SCHOOLS).when(SHOW).when(OUTDOORS, SYNTHETIC),
            rule("U15", Layer.USE, Choice.TRIM_TAPE, "washed-too", NEARLY_ALL)
                    .when(LIVED, TRIM_IN_SEAM, NATURAL)
                    .when(OUTDOORS, NATURAL, TRIM_IN_SEAM),
            rule("U17", Layer.USE, Choice.THREAD, "polyester", SCHOOLS).when(INDOORS),
            rule("U18", Layer.USE, Choice.THREAD, "sun-fast", NEARLY_ALL).when(OUTDOORS),
            rule("U19", Layer.LOOKS, Choice.ROW_COLOUR, "ground", SCHOOLS).when(ROW_SHOWS),
            rule("U20", Layer.LOOKS, Choice.BUTTON_THREAD, "thick", OWN).when(SHOW, MOCK_BUTTONS),
            rule("U21", Layer.USE, Choice.CLOSING, "hand", SCHOOLS)
                    .when(SEWN_SHUT, SHOW)
                    .when(SEWN_SHUT, GIVEN),
            rule("U22", Layer.USE, Choice.CLOSING, "machine", SCHOOLS)
                    .when(SEWN_SHUT, LIVED)
                    .when(SEWN_SHUT, OUTDOORS),
            rule("U23", Layer.USE, Choice.STRAP_ENDS, "boxed", NEARLY_ALL)
                    .when(HANDLE)
                    .unless(SHOW),
            rule("U24", Layer.USE, Choice.CARE_LABEL, "sewn-in", OWN).when(GIVEN),
            rule("C1", Layer.WEIGHT, Choice.NEEDLE, "universal-70", NEARLY_ALL).when(LIGHT),
            rule("C2", Layer.WEIGHT, Choice.NEEDLE, "universal-80", NEARLY_ALL).when(MEDIUM),
            rule("C3", Layer.WEIGHT, Choice.NEEDLE, "jeans-90", NEARLY_ALL).when(HEAVY),
            rule("C4", Layer.THICK, Choice.NEEDLE, "jeans-90", NEARLY_ALL).when(THICK),
            rule("C6", Layer.STRETCHES, Choice.NEEDLE, "ballpoint-75", NEARLY_ALL)
                    .when(STRETCHES),
            rule("C7", Layer.SLIPPERY, Choice.NEEDLE, "microtex-70", NEARLY_ALL).when(SLIPPERY),
            rule("C1", Layer.WEIGHT, Choice.STITCH, "2.0", NEARLY_ALL).when(LIGHT),
            rule("C2", Layer.WEIGHT, Choice.STITCH, "2.5", NEARLY_ALL).when(MEDIUM),
            rule("C3", Layer.WEIGHT, Choice.STITCH, "3.0", NEARLY_ALL).when(HEAVY),
            rule("C4", Layer.THICK, Choice.STITCH, "3.0", NEARLY_ALL).when(THICK),
            rule("C1", Layer.WEIGHT, Choice.TOPSTITCH, "2.5", NEARLY_ALL).when(LIGHT),
            rule("C2", Layer.WEIGHT, Choice.TOPSTITCH, "3.0", NEARLY_ALL).when(MEDIUM),
            rule("C3", Layer.WEIGHT, Choice.TOPSTITCH, "3.5", NEARLY_ALL).when(HEAVY),
            rule("C4", Layer.THICK, Choice.TOPSTITCH, "3.5", NEARLY_ALL).when(THICK),
            rule("C6", Layer.STRETCHES, Choice.SEAM_STITCH, "narrow-zigzag", NEARLY_ALL)
                    .when(STRETCHES),
            rule("C1", Layer.WEIGHT, Choice.HEM, "narrow", NEARLY_ALL).when(LIGHT),
            rule("C2", Layer.WEIGHT, Choice.HEM, "ordinary", SCHOOLS).when(MEDIUM),
            rule("C3", Layer.WEIGHT, Choice.HEM, "single", SCHOOLS).when(HEAVY, SERGER),
            rule("C3", Layer.WEIGHT, Choice.HEM, "ordinary", SCHOOLS).when(HEAVY),
            rule("C4", Layer.THICK, Choice.HEM, "single", NEARLY_ALL).when(THICK),
            rule("C8", Layer.FRAYS, Choice.HEM, "ordinary", NEARLY_ALL).when(FRAYS_BADLY),
            rule("C13", Layer.SHEER, Choice.HEM, "equal", NEARLY_ALL).when(SHEER),
            rule("C26", Layer.FRAYS, Choice.HEM, "selvage", SCHOOLS).when(SELVAGE, INNER_PANEL),
            rule("C1", Layer.WEIGHT, Choice.CORD, "3/16 in", NEARLY_ALL).when(PIPING, LIGHT),
            rule("C2", Layer.WEIGHT, Choice.CORD, "1/4 in", NEARLY_ALL).when(PIPING, MEDIUM),
            rule("C3", Layer.WEIGHT, Choice.CORD_COVER, "lighter-cloth", NEARLY_ALL)
                    .when(PIPING, HEAVY),
            rule("C21", Layer.CLOTH, Choice.CORD, "3/8 in", NEARLY_ALL).when(PIPING, SHARP_CORNERS),
            rule("C4", Layer.THICK, Choice.HOLD, "clips", NEARLY_ALL).when(THICK),
            rule("C7", Layer.SLIPPERY, Choice.HOLD, "pins-2-in", NEARLY_ALL).when(SLIPPERY),
            rule("C4", Layer.THICK, Choice.FOOT, "even-feed", NEARLY_ALL).when(THICK),
            rule("C4", Layer.THICK, Choice.THICK_CORNER, "two-across", NEARLY_ALL)
                    .when(THICK),
            rule("C7", Layer.SLIPPERY, Choice.CUT_FROM, "single-layer", NEARLY_ALL)
                    .when(SLIPPERY),
            rule("C8", Layer.FRAYS, Choice.ALLOWANCE, "5/8 in", NEARLY_ALL).when(FRAYS_BADLY),
            rule("C8", Layer.FRAYS, Choice.FINISH_WHEN, "before-assembly", NEARLY_ALL)
                    .when(FRAYS_BADLY)
                    .unless(FRENCH, SEALED),
            rule("C12", Layer.FRAYS, Choice.FINISH_WHEN, "after-try-on", OWN)
                    .when(FRAYS_LITTLE)
                    .unless(FRENCH, SEALED),
            rule("C10", Layer.FRAYS, Choice.RUFFLE_EDGE, "stay-stitched", SCHOOLS)
                    .when(FRAYS_BADLY, RAW_RUFFLE),
            rule("C13", Layer.SHEER, Choice.LINE, "front", NEARLY_ALL).when(SHEER),
            rule("C25", Layer.CLOTH, Choice.LINE, "front", NEARLY_ALL).when(QUILTED_FRONT),
            rule("C13", Layer.SHEER, Choice.INTERFACE, "own-cloth", NEARLY_ALL)
                    .when(SHEER, ZIP)
                    .when(SHEER, REAL_BUTTONS),
            rule("C6", Layer.STRETCHES, Choice.INTERFACE, "zip-and-hems", NEARLY_ALL)
                    .when(STRETCHES),
            rule("C14", Layer.CLOTH, Choice.INTERFACE, "less-allowances", SCHOOLS)
                    .when(BACK_LIGHTER)
                    .when(LIGHT, ZIP),
            rule("C15", Layer.CLOTH, Choice.INTERFACE, "where-holes-are", NEARLY_ALL)
                    .when(REAL_BUTTONS)
                    .when(PIECED_BAND),
            rule("C16", Layer.CLOTH, Choice.SIDE_MARK, "chalk-cross", NEARLY_ALL)
                    .when(ALIKE),
            rule("C17", Layer.NAP, Choice.NAP_WAY, "all-one-way", NEARLY_ALL).when(NAP),
            rule("C18", Layer.CLOTH, Choice.PRESS, "hot", NEARLY_ALL).when(NATURAL),
            rule("C19", Layer.CLOTH, Choice.PRESS, "cool", NEARLY_ALL).when(SYNTHETIC),
            rule("C19", Layer.CLOTH, Choice.PRESS, "fingers", NEARLY_ALL).when(SYNTHETIC, OUTDOORS),
            rule("C20", Layer.CLOTH, Choice.PINS, "each-6-in", NEARLY_ALL)
                    .when(INDOORS)
                    .when(OUTDOORS),
            rule("C20", Layer.CLOTH, Choice.PINS, "each-4-in", NEARLY_ALL)
                    .when(LONG_SEAM, INDOORS)
                    .when(LONG_SEAM, OUTDOORS),
            rule("C22", Layer.CLOTH, Choice.GRAIN, "straight", SCHOOLS).when(PIPING),
            rule("C22", Layer.CLOTH, Choice.GRAIN, "bias", SCHOOLS).when(PIPING, SLANT_WANTED, BLOCK_LARGE),
            rule("C23", Layer.CLOTH, Choice.TRIM_HOLD, "tape-each-side", NEARLY_ALL)
                    .when(TRIM_BY_LENGTH),
            rule("C24", Layer.CLOTH, Choice.UNSEEN, "from-another", NEARLY_ALL).when(CLOTH_SHORT),
            rule("W1", Layer.WAS, Choice.CUT_AROUND, "worn-places", NEARLY_ALL).when(NOT_NEW),
            rule("W2", Layer.WAS, Choice.OLD_HEM, "kept-where-it-shows", SCHOOLS)
                    .when(OLD_HEM),
            rule("W3", Layer.WAS, Choice.CUT_EDGES, "stay-stitched", NEARLY_ALL).when(QUILT),
            rule("W4", Layer.WAS, Choice.CUT_FROM, "sides-first", NEARLY_ALL).when(SHEET),
            rule("W6", Layer.WAS, Choice.UNSEEN, "join-under", NEARLY_ALL).when(DROP_CLOTH, CLOTH_SHORT),
            rule("W7", Layer.WAS, Choice.DIAGONALS, "both", NEARLY_ALL).when(NAPKIN),
            rule("M1", Layer.MARKS, Choice.MARK_EDGE, "notch", NEARLY_ALL)
                    .when(FRAYS_NOT)
                    .when(FRAYS_LITTLE),
            rule("M1", Layer.MARKS, Choice.MARK_EDGE, "pin", NEARLY_ALL).when(FRAYS_BADLY),
            rule("M2", Layer.MARKS, Choice.MARK_HIDDEN, "any", NEARLY_ALL)
                    .when(INDOORS)
                    .when(OUTDOORS),
            rule("M3", Layer.MARKS, Choice.MARK_FIELD, "chalk", NEARLY_ALL).when(IN_THE_FIELD),
            rule("M4", Layer.MARKS, Choice.MARK_FIELD, "tacks", OWN).when(IN_THE_FIELD, MARKED_EARLY),
            rule("M5", Layer.MARKS, Choice.MARK_RIGHT_SIDE, "tried-on-a-scrap", NEARLY_ALL)
                    .when(ROW_SHOWS)
                    .when(POCKET));

    private Rules() {}

    private static Rule rule(String id, Layer layer, Choice choice, String value, Sure sure) {
        return new Rule(id, layer, List.of(), Set.of(), choice, value, sure);
    }

    /** Those of one choice. */
    static Stream<Rule> of(Choice choice) {
        return ALL.stream().filter(rule -> rule.choice() == choice);
    }
}
