package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.cover.ZipLength.Stock;
import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What can go wrong with any zip.
 *
 * @param with the same opening with another zip
 * @param seam how long the seam is that the zip lies in, finished
 */
record ZipConcerns(ZipLength zip, Function<ZipLength, Opening> with, Opening opening, CoverDimensions setting, Back back, Length seam) {

    /** Metal within this of the seam round the cover is sewn into it or breaks a needle. */
    private static final Length CLEAR = Length.inches(0, 1, 4);

    List<FindingCandidate> all() {
        return Stream.of(tooLong(), inTheSeam()).flatMap(Optional::stream).toList();
    }

    private FindingCandidate shortened(FindingCandidate concern) {
        CoverPlan plan = setting.plan();
        return concern.orTry(plan.withOpening(with.apply(zip.withStock(Stock.STANDARD))), "zip-standard")
                .orTry(plan.withOpening(with.apply(zip.withStock(Stock.CHAIN))), "zip-chain")
                .orTry(plan.withOpening(opening.turned()), "turn-opening")
                .orTry(plan.withOpening(OpeningKind.SEWN_SHUT.insteadOf(opening, plan.unit())), "sew-shut");
    }

    private Optional<FindingCandidate> tooLong() {
        return seam.under(back.length())
                ? Optional.of(shortened(FindingCandidate.of("zip-long", Weight.WILL_NOT_WORK, "zip-long", back.length(), seam)))
                : Optional.empty();
    }

    private Optional<FindingCandidate> inTheSeam() {
        Length closed = seam.minus(back.length()).half();
        return !seam.under(back.length()) && closed.under(CLEAR)
                ? Optional.of(shortened(FindingCandidate.of("zip-teeth", Weight.BETTER_NOT, "zip-teeth", closed, CLEAR)))
                : Optional.empty();
    }
}
