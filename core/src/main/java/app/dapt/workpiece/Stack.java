package app.dapt.workpiece;

import app.dapt.piece.Contour.Point;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What lies on one another, from the lowest ply to the uppermost.
 *
 * @param plies  each with its facets, the lowest first; what is turned under stays with its ply
 * @param cavity how many plies lie below the room that the form goes into, once there is one
 * @param seam   the line round that cavity, once it is sewn
 * @param inside the same before it was turned, if it is turned
 */
public record Stack(List<List<Facet>> plies, OptionalInt cavity, Optional<Seam> seam, Optional<Stack> inside) {

    public Stack {
        plies = plies.stream().map(List::copyOf).toList();
    }

    /** One thing alone. */
    static Stack of(List<Facet> facets) {
        return new Stack(List.of(facets), OptionalInt.empty(), Optional.empty(), Optional.empty());
    }

    private Stack with(List<List<Facet>> other) {
        return new Stack(other, cavity, seam, inside);
    }

    public Stream<Facet> facets() {
        return plies.stream().flatMap(List::stream);
    }

    /** Everything carried along. */
    Stack moved(Placement move) {
        return with(plies.stream()
                .map(ply -> ply.stream().map(facet -> facet.moved(move)).toList())
                .toList());
    }

    /** Turned over like a page, or, its upper edge coming to lie below, like a calendar's leaf. */
    Stack flipped(boolean likeAPage) {
        Reach reach = reach();
        Crease middle = likeAPage
                ? Crease.towards(Side.RIGHT, (reach.left() + reach.right()) / 2)
                : Crease.towards(Side.BOTTOM, (reach.top() + reach.bottom()) / 2);
        List<List<Facet>> over = new ArrayList<>();
        plies.forEach(ply -> over.add(mirrored(ply, middle)));
        Collections.reverse(over);
        OptionalInt below = cavity.isPresent() ? OptionalInt.of(plies.size() - cavity.getAsInt()) : cavity;
        return new Stack(over, below, seam.map(line -> line.mirrored(middle)), inside);
    }

    /** Turned half round on the table, the same side up. */
    public Stack turnedRound() {
        return flipped(true).flipped(false);
    }

    private static List<Facet> mirrored(List<Facet> facets, Crease crease) {
        List<Facet> over = new ArrayList<>(
                facets.stream().map(facet -> facet.moved(crease.mirror())).toList());
        Collections.reverse(over);
        return over;
    }

    /** As one ply: what was sewn together and goes on as one. */
    Stack asOne() {
        return of(facets().toList());
    }

    /** What is put on top of it. */
    Stack under(Stack other) {
        List<List<Facet>> all = new ArrayList<>(plies);
        all.addAll(other.plies);
        return with(all);
    }

    /** From here on, what comes on top lies beyond the room for the form. */
    Stack withCavity() {
        return new Stack(plies, OptionalInt.of(plies.size()), seam, inside);
    }

    /** What lies beyond a line comes to lie under its own ply. */
    Stack foldedUnder(Crease crease) {
        return with(plies.stream().map(ply -> folded(ply, crease, false)).toList());
    }

    private static List<Facet> folded(List<Facet> ply, Crease crease, boolean over) {
        List<Facet> stays = parts(ply, facet -> facet.within(crease));
        List<Facet> comes = mirrored(parts(ply, facet -> facet.beyond(crease)), crease);
        return over ? joined(stays, comes) : joined(comes, stays);
    }

    private static List<Facet> parts(List<Facet> facets, Function<Facet, Optional<Facet>> part) {
        return facets.stream().map(part).flatMap(Optional::stream).toList();
    }

    private static List<Facet> joined(List<Facet> below, List<Facet> above) {
        List<Facet> all = new ArrayList<>(below);
        all.addAll(above);
        return all;
    }

    /** What lies beyond a line comes over all the rest, as plies of their own. */
    Stack foldedOver(Crease crease) {
        List<List<Facet>> stay = new ArrayList<>();
        List<List<Facet>> come = new ArrayList<>();
        int below = 0;
        for (int i = 0; i < plies.size(); i++) {
            List<Facet> stays = parts(plies.get(i), facet -> facet.within(crease));
            if (!stays.isEmpty()) {
                stay.add(stays);
                below += i < cavity.orElse(0) ? 1 : 0;
            }
            List<Facet> comes = mirrored(parts(plies.get(i), facet -> facet.beyond(crease)), crease);
            if (!comes.isEmpty()) {
                come.add(0, comes);
            }
        }
        stay.addAll(come);
        return new Stack(stay, cavity.isPresent() ? OptionalInt.of(below) : cavity, seam, inside);
    }

    /**
     * A pleat: what lies beyond a line is folded under, and so much further on back again, so that it lies twice that
     * nearer.
     */
    Stack pleated(Crease crease, double depth) {
        Crease back = crease.further(-depth);
        UnaryOperator<List<Facet>> pleat = ply -> {
            List<Facet> stays = parts(ply, facet -> facet.within(crease));
            List<Facet> under = mirrored(parts(ply, facet -> facet.beyond(crease)), crease);
            List<Facet> hidden = parts(under, facet -> facet.within(back.reversed()));
            List<Facet> on = mirrored(parts(under, facet -> facet.within(back)), back);
            return joined(on, joined(hidden, stays));
        };
        return with(plies.stream().map(pleat).toList());
    }

    /**
     * The uppermost ply, sewn to the rest along a line near one edge, laid open beyond it, the allowances pressed
     * apart; all of it one ply from then on.
     */
    Stack opened(Crease seam) {
        List<Facet> base = plies.subList(0, plies.size() - 1).stream()
                .flatMap(List::stream)
                .toList();
        List<Facet> top = plies.get(plies.size() - 1);
        List<Facet> lying = joined(
                mirrored(parts(base, facet -> facet.beyond(seam)), seam), parts(top, facet -> facet.beyond(seam)));
        List<Facet> open = mirrored(parts(top, facet -> facet.within(seam)), seam);
        return of(joined(joined(lying, parts(base, facet -> facet.within(seam))), open));
    }

    /**
     * The uppermost ply, sewn to the rest along a line near one edge, brought round to lie under it, both allowances
     * between them; all of it one ply from then on.
     */
    Stack lined(Crease seam) {
        List<Facet> base = plies.subList(0, plies.size() - 1).stream()
                .flatMap(List::stream)
                .toList();
        List<Facet> top = new ArrayList<>(plies.get(plies.size() - 1));
        Collections.reverse(top);
        List<Facet> between = joined(
                mirrored(parts(top, facet -> facet.beyond(seam)), seam),
                mirrored(parts(base, facet -> facet.beyond(seam)), seam));
        return of(joined(
                joined(parts(top, facet -> facet.within(seam)), between), parts(base, facet -> facet.within(seam))));
    }

    /**
     * A strip, the lowest ply, folded along its middle round what lies on it, all of it sewn together near one edge and
     * the strip turned right side out: it lies open beyond the line, every allowance between its halves.
     */
    Stack bound(Crease seam, Crease middle) {
        List<Facet> strip = plies.get(0);
        List<Facet> one = parts(strip, facet -> facet.within(middle));
        List<Facet> other = mirrored(parts(strip, facet -> facet.beyond(middle)), middle);
        List<Facet> lying =
                plies.subList(1, plies.size()).stream().flatMap(List::stream).toList();
        List<Facet> between = parts(joined(joined(one, lying), other), facet -> facet.beyond(seam));
        List<Facet> below = joined(
                mirrored(parts(one, facet -> facet.within(seam)), seam), parts(lying, facet -> facet.within(seam)));
        return of(joined(joined(below, between), mirrored(parts(other, facet -> facet.within(seam)), seam)));
    }

    /** Sewn along a line round the room for the form. */
    Stack sewn(Seam line) {
        return new Stack(plies, cavity, Optional.of(line), Optional.empty());
    }

    /**
     * A bag turned: each half is mirrored, its plies in the other order, and what lies outside the seam is folded in
     * along it, into the bag. Turned once more it is what it was.
     */
    Stack turned() {
        if (inside.isPresent()) {
            return inside.get();
        }
        int below = cavity.orElse(plies.size());
        Reach reach = reach();
        Crease middle = Crease.towards(Side.RIGHT, (reach.left() + reach.right()) / 2);
        Seam line = seam.orElse(Seam.NONE);
        List<List<Facet>> lower = new ArrayList<>();
        List<List<Facet>> upper = new ArrayList<>();
        for (int i = 0; i < plies.size(); i++) {
            (i < below ? lower : upper).add(0, mirrored(turnedIn(plies.get(i), line, i < below), middle));
        }
        lower.addAll(upper);
        return new Stack(lower, OptionalInt.of(below), Optional.of(line.mirrored(middle)), Optional.of(this));
    }

    /** One ply, what lies outside the seam folded to the side of the room for the form it will have once turned. */
    private static List<Facet> turnedIn(List<Facet> ply, Seam line, boolean lower) {
        // Seen before it is mirrored: what will come to lie above its ply lies below it.
        if (line.outline().isEmpty()) {
            List<Facet> folded = ply;
            for (Crease crease : line.creases()) {
                folded = folded(folded, crease, !lower);
            }
            return folded;
        }
        List<Facet> within = new ArrayList<>();
        List<Facet> turned = new ArrayList<>();
        for (Facet facet : ply) {
            line.inner(facet).forEach(within::add);
            line.outer(facet).forEach(turned::add);
        }
        return lower ? joined(turned, within) : joined(within, turned);
    }

    /** Cut off outside a seam that has been sewn: what is left, in the same order. */
    Stack trimmed(List<Crease> lines) {
        List<List<Facet>> left = new ArrayList<>();
        for (List<Facet> ply : plies) {
            List<Facet> kept = ply;
            for (Crease crease : lines) {
                kept = parts(kept, facet -> facet.within(crease));
            }
            left.add(kept);
        }
        return with(left);
    }

    /** How far it reaches on the table. */
    public Reach reach() {
        return Reach.of(facets());
    }

    /** Whether it is a bag turned right side out: the largest facet that one sees on top has the right side up. */
    public boolean isRightSideOut() {
        return inside.isPresent()
                && plies.get(plies.size() - 1).stream()
                        .filter(facet ->
                                seenAt(facet.middle()).filter(facet::equals).isPresent())
                        .max(Comparator.comparingDouble(Facet::area))
                        .filter(Facet::isRightSideUp)
                        .isPresent();
    }

    /** What one sees at a place from above; nothing where nothing lies. */
    public Optional<Facet> seenAt(Point point) {
        return facets().filter(facet -> facet.covers(point)).reduce((under, over) -> over);
    }

    /** And from below. */
    public Optional<Facet> seenFromBelowAt(Point point) {
        return facets().filter(facet -> facet.covers(point)).findFirst();
    }
}
