package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.ZipLength.Stock;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What can go wrong with any zip.
 *
 * @param seam how long the seam is that the zip lies in, finished
 */
record ZipConcerns(Opening opening, CoverDimensions sizes, Back back, Length seam) {

    /** Metal within this of the seam round the cover is sewn into it or breaks a needle. */
    private static final Length CLEAR = Length.inches(0, 1, 4);

    List<Concern<Opening>> all() {
        return Stream.of(tooLong(), inTheSeam()).flatMap(Optional::stream).toList();
    }

    private Concern<Opening> shortened(Concern<Opening> concern) {
        return concern.orTry(() -> opening.with(ZipLength.STOCK, Stock.STANDARD), "zip-standard")
                .orTry(() -> opening.with(ZipLength.STOCK, Stock.CHAIN), "zip-chain")
                .orTry(() -> opening.turned(), "turn-opening")
                .orTry(() -> OpeningKind.SEWN_SHUT.insteadOf(opening, sizes.ownUnit()), "sew-shut");
    }

    private Optional<Concern<Opening>> tooLong() {
        return seam.under(back.length())
                ? Optional.of(shortened(
                        Concern.<Opening>of("zip-long", Weight.WILL_NOT_WORK, "zip-long", back.length(), seam)))
                : Optional.empty();
    }

    private Optional<Concern<Opening>> inTheSeam() {
        Length closed = seam.minus(back.length()).half();
        return !seam.under(back.length()) && closed.under(CLEAR)
                ? Optional.of(
                        shortened(Concern.<Opening>of("zip-teeth", Weight.BETTER_NOT, "zip-teeth", closed, CLEAR)))
                : Optional.empty();
    }
}
