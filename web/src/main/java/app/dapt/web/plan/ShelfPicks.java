package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Weight;
import app.dapt.files.ExactLength;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.SizeReader.Size;
import app.dapt.measure.Unit;
import app.dapt.web.wording.Amounts;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.words.Words;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Things on the shelf that a cover can be made for or with: what fits, and why the rest does not. */
record ShelfPicks(Reckoned reckoned, Words w) {

    /** The fields by which one is picked. What stands already is no pick: it is sent along with every other change. */
    static final String FORM = "form-there";

    static final String ZIP = "zip-there";
    private static final String BY = "|";

    /**
     * Something to pick.
     *
     * @param value  what its field sends
     * @param note   how it fits; why it does not
     * @param how    whether it fits, and has to be picked for it
     * @param chosen whether it is what stands
     */
    record Pick(String value, String name, String like, String there, String note, How how, boolean chosen) {

        public boolean fits() {
            return how != How.NOT;
        }

        public boolean mayPick() {
            return how == How.FITS || chosen;
        }
    }

    /** How something on the shelf goes with a cover. */
    enum How {
        FITS,
        /** As it is planned already. */
        SERVES,
        NOT
    }

    List<Pick> forms(List<Kept> forms) {
        return forms.stream()
                .filter(kept -> kept.thing().size().isPresent())
                .map(this::form)
                .toList();
    }

    private Pick form(Kept kept) {
        Length across = kept.thing().size().orElseThrow();
        Length upDown = kept.thing().width().orElse(across);
        return pick(kept, value(across) + BY + value(upDown), "", How.FITS, isFor(plan(), across, upDown));
    }

    List<Pick> zips(List<Kept> zips) {
        return zips.stream()
                .filter(kept -> kept.thing().size().isPresent())
                .sorted(Comparator.comparing(kept -> kept.thing().size().orElseThrow()))
                .map(this::zip)
                .toList();
    }

    private Pick zip(Kept kept) {
        Length length = kept.thing().size().orElseThrow();
        CoverPlan with =
                plan().opening().withZip(length).map(plan()::withOpening).orElse(plan());
        Reckoned tried = Reckoner.reckonWithoutRemedies(with, reckoned.mark());
        Set<String> standing = reckoned.findings().stream().map(Finding::code).collect(Collectors.toSet());
        Optional<Finding> hinders = tried.findings().stream()
                .filter(finding -> finding.code().startsWith("zip-") && !standing.contains(finding.code()))
                .findFirst();
        boolean chosen = with.equals(plan());
        if (hinders.filter(finding -> finding.weight() == Weight.WILL_NOT_WORK).isPresent()) {
            boolean serves = reckoned.back()
                    .zip()
                    .filter(zip -> length.atLeast(zip.buy()))
                    .isPresent();
            String why = serves
                    ? w.say("pick.zip-shortened")
                    : w.say(hinders.orElseThrow().what());
            return pick(kept, value(length), why, serves ? How.SERVES : How.NOT, chosen);
        }
        String note = hinders.map(finding -> w.say(finding.what())).orElseGet(() -> tried.back()
                .zip()
                .filter(zip -> zip.from().isPositive())
                .map(zip -> w.say("pick.zip-fits", zip.from()))
                .orElse(w.say("pick.fits")));
        return pick(kept, value(length), note, How.FITS, chosen);
    }

    private Pick pick(Kept kept, String value, String note, How how, boolean chosen) {
        return new Pick(
                value,
                kept.thing().name(),
                Amounts.like(kept.thing(), w),
                Amounts.said(kept.stock(), kept.thing().kind().counted(), w),
                note,
                how,
                chosen);
    }

    private CoverPlan plan() {
        return reckoned.plan();
    }

    private static String value(Length length) {
        return ExactLength.write(length, Unit.INCH);
    }

    /** A size as its field sends it; nothing where it is none. */
    static Optional<Size> size(String value) {
        int by = value.indexOf(BY);
        return by < 0
                ? Optional.empty()
                : ExactLength.read(value.substring(0, by)).flatMap(across -> ExactLength.read(value.substring(by + 1))
                        .filter(upDown -> LengthRange.SIDE.allows(across) && LengthRange.SIDE.allows(upDown))
                        .map(upDown -> new Size(across, upDown)));
    }

    /** The cover for a form of this size; nothing where it is that already. */
    static Optional<CoverPlan> withForm(CoverPlan plan, Size size) {
        if (isFor(plan, size.across(), size.upDown())) {
            return Optional.empty();
        }
        Readings upDown = size.upDown().equals(size.across()) ? Readings.NONE : Readings.overCrown(size.upDown());
        return Optional.of(plan.withForm(
                plan.form().withAcross(Readings.overCrown(size.across())).withUpDown(upDown)));
    }

    private static boolean isFor(CoverPlan plan, Length across, Length upDown) {
        Optional<Length> standing = plan.form().across().get(Reading.OVER_CROWN);
        return standing.equals(Optional.of(across))
                && plan.form()
                        .upDown()
                        .get(Reading.OVER_CROWN)
                        .or(() -> standing)
                        .equals(Optional.of(upDown));
    }

    /** The cover with a zip that long; nothing where it has that already, or none. */
    static Optional<CoverPlan> withZip(CoverPlan plan, Length length) {
        return plan.opening()
                .withZip(length)
                .filter(opening -> LengthRange.ZIP.allows(length))
                .map(plan::withOpening)
                .filter(changed -> !changed.equals(plan));
    }
}
