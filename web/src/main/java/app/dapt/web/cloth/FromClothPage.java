package app.dapt.web.cloth;

import app.dapt.cover.CoverFromCloth.Answer;
import app.dapt.cover.CoverFromCloth.Offer;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.cloth.SvgCloth;
import app.dapt.files.drawing.Pen;
import app.dapt.form.Form;
import app.dapt.layout.ClothSheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.web.wording.Amounts;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Which cover from this cloth, ready for its template.
 *
 * @param answer nothing while it is looked for, or where nothing was asked
 * @param isGone whether what was taken is not offered any more
 */
public record FromClothPage(FromClothEntry entry, Optional<Answer> answer, boolean isGone, Words w) {

    private static final double WIDE = 460;
    private static final double HIGH = 170;

    /** Something to pick. */
    public record Choice(long id, String name, String colour, String says, boolean isPicked) {}

    /** A field that is typed. */
    public record Typed(String name, String label, String value, String refusal) {}

    /**
     * A cover that can be cut.
     *
     * @param code  what it is taken by
     * @param says  what it comes to
     * @param given what is given up for it; empty where nothing is
     * @param left  what is left and worth keeping
     */
    public record OfferLine(String code, String title, String says, String given, String left, List<String> drawings) {}

    public List<Choice> cloths() {
        return entry.cloths().stream().map(this::choice).toList();
    }

    public List<Choice> forms() {
        return entry.forms().stream().map(this::choice).toList();
    }

    private Choice choice(Kept kept) {
        String there = Amounts.said(kept.stock(), kept.thing().kind().counted(), w);
        String like = Amounts.like(kept.thing(), w);
        boolean counted = kept.thing().size().isPresent();
        String says =
                !counted ? there + ", " + like : kept.stock() == 1 ? like : w.say("from.there", like, kept.stock());
        return new Choice(kept.id(), kept.thing().name(), kept.thing().colour(), says, entry.isPicked(kept));
    }

    public List<Typed> piece() {
        return Stream.of("wide", "deep").map(this::typed).toList();
    }

    public List<Typed> form() {
        return Stream.of("across", "up-down").map(this::typed).toList();
    }

    private Typed typed(String name) {
        return new Typed(
                name,
                w.say("from." + name),
                entry.value(name),
                entry.entries().refusal(name).orElse(""));
    }

    /** Whether anything was asked that can be answered. */
    public boolean isAsked() {
        return entry.question().isPresent();
    }

    public boolean isLooking() {
        return isAsked() && answer.isEmpty();
    }

    public String address() {
        return "/from-cloth" + entry.query();
    }

    /** Whether the largest of each kind were looked for, since no form was picked. */
    public boolean isLargest() {
        return entry.question().filter(question -> question.forms().isEmpty()).isPresent();
    }

    /** Whether nothing goes on it, rather than that nothing was found in time. */
    public boolean hasNone() {
        return answer.filter(found -> found.offers().isEmpty() && found.wholeTried())
                .isPresent();
    }

    /** The forms for which there is not enough. */
    public List<String> without() {
        return answer.stream()
                .flatMap(found -> found.without().stream())
                .map(this::named)
                .toList();
    }

    private String named(Form form) {
        return entry.question().map(question -> question.name(form)).orElse("");
    }

    public boolean isWholeTried() {
        return answer.filter(Answer::wholeTried).isPresent();
    }

    public List<OfferLine> offers() {
        List<Offer> offers = answer.map(Answer::offers).orElse(List.of());
        return IntStream.range(0, offers.size())
                .mapToObj(i -> line(i, offers.get(i)))
                .toList();
    }

    private OfferLine line(int number, Offer offer) {
        Reckoned cover = Reckoner.reckonWithoutRemedies(offer.plan(), w.mark());
        String opening =
                w.say(Phrase.of("opening." + offer.plan().opening().kind().code()));
        String cloths = offer.front() == offer.back()
                ? w.say("from.all-of", offer.plan().cloths().front().name())
                : w.say(
                        "from.front-back",
                        offer.plan().cloths().front().name(),
                        offer.plan().cloths().back().name());
        String overlap = cover.back().lap().isEmpty()
                ? ""
                : cover.back().overlap().map(lap -> w.say("from.overlap", lap)).orElse("");
        String size = w.say("from.finished", size(cover.finished(Axis.ACROSS), cover.finished(Axis.UP_DOWN)));
        return new OfferLine(
                code(offer),
                w.say("from.offer", opening, offer.plan().name()),
                Stream.of(size, overlap, cloths)
                        .filter(part -> !part.isEmpty())
                        .reduce((a, b) -> a + " " + b)
                        .orElse(""),
                switch (offer.givenUp()) {
                    case NOTHING -> "";
                    default -> w.say(Phrase.choice("from.given", offer.givenUp()));
                },
                offer.left().stream()
                        .findFirst()
                        .map(left -> w.say("from.left", size(left.wide(), left.deep())))
                        .orElse(w.say("from.left-nothing")),
                drawings(number, offer));
    }

    private String size(Length across, Length along) {
        return w.lengths().size(across, along) + " " + w.lengths().unitWord();
    }

    private List<String> drawings(int number, Offer offer) {
        List<ClothSheet> sheets = offer.layouts().stream()
                .flatMap(layout -> ClothSheet.of(layout).stream())
                .filter(sheet -> !sheet.pieces().isEmpty())
                .toList();
        Pen pen = Pen.finest(sheets.stream().map(sheet -> SvgCloth.fitting(sheet, WIDE / sheets.size(), HIGH)));
        return IntStream.range(0, sheets.size())
                .mapToObj(
                        i -> new SvgCloth(w, pen, "from" + number + "-" + i, Optional.empty(), "").write(sheets.get(i)))
                .toList();
    }

    /** What an offer is taken by: its form, opening, what is given up, and its cloths. */
    static String code(Offer offer) {
        Form form = offer.plan().form();
        return String.join(
                "_",
                String.valueOf(FromClothEntry.across(form).grains()),
                String.valueOf(FromClothEntry.upDown(form).grains()),
                offer.plan().shape().kind().code(),
                offer.plan().opening().kind().code(),
                Phrase.code(offer.givenUp()),
                String.valueOf(offer.front()),
                String.valueOf(offer.back()));
    }
}
