package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.parts.Back;
import app.dapt.layout.Wanted;
import app.dapt.layout.Wanted.Hidden;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A cloth and all that covers need of it.
 *
 * @param members whose cloth it is: the key of a cover and the cloth's id there, {@code 12.1}; the first of them names
 *                it
 * @param wanted  every piece, the covers in their order
 */
public record ClothUse(Cloth cloth, List<String> members, List<Wanted> wanted) {

    /**
     * A cover that is to be made so many times.
     *
     * @param key begins the keys of its pieces
     */
    public record Of(String key, Reckoned cover, int count) {

        private String member(Cloth cloth) {
            return key + "." + cloth.id();
        }
    }

    public ClothUse {
        members = List.copyOf(members);
        wanted = List.copyOf(wanted);
    }

    /** The cloths of covers that are cut together: cloths of different covers that are alike in everything are one. */
    public static List<ClothUse> of(List<Of> covers) {
        List<ClothUse> uses = new ArrayList<>();
        for (Of of : covers) {
            Map<Cloth, List<Wanted>> wanted = new LinkedHashMap<>();
            for (Piece piece : of.cover().pieces()) {
                wanted.computeIfAbsent(of.cover().plan().cloths().of(piece.material()), cloth -> new ArrayList<>())
                        .add(new Wanted(
                                of.key() + "/" + piece.id(),
                                of.cover().plan().name(),
                                piece,
                                piece.quantity() * of.count(),
                                hidden(of.cover(), piece)));
            }
            wanted.forEach((cloth, pieces) -> join(uses, of, cloth, pieces));
        }
        return uses;
    }

    private static void join(List<ClothUse> uses, Of of, Cloth cloth, List<Wanted> pieces) {
        for (int i = 0; i < uses.size(); i++) {
            ClothUse use = uses.get(i);
            if (use.cloth.isLike(cloth) && use.idIn(of.key()).isEmpty()) {
                uses.set(
                        i,
                        new ClothUse(
                                use.cloth, joined(use.members, List.of(of.member(cloth))), joined(use.wanted, pieces)));
                return;
            }
        }
        uses.add(new ClothUse(cloth, List.of(of.member(cloth)), pieces));
    }

    private static <T> List<T> joined(List<T> before, List<T> more) {
        List<T> all = new ArrayList<>(before);
        all.addAll(more);
        return all;
    }

    /** What it goes by as long as its first cover is there. */
    public String key() {
        return members.get(0);
    }

    /** The keys of every copy of every piece, and of the parts a panel may be joined from. */
    public Set<String> copies() {
        return wanted.stream()
                .flatMap(each -> Stream.concat(Stream.of(each), each.joinedUnderFlap().stream()))
                .flatMap(each -> IntStream.rangeClosed(1, each.copies()).mapToObj(each::copy))
                .collect(Collectors.toSet());
    }

    /** Which of a cover's cloths it is; nothing where that cover needs none of it. */
    public Optional<Integer> idIn(String cover) {
        return members.stream()
                .filter(member -> member.startsWith(cover + "."))
                .findFirst()
                .map(member -> Integer.valueOf(member.substring(cover.length() + 1)));
    }

    /** What of a piece lies under the flap of an opening that laps. */
    private static Optional<Hidden> hidden(Reckoned cover, Piece piece) {
        Back.Panel inner = cover.back().inner();
        boolean under = cover.back().lap().isPresent()
                && inner.piece().id().equals(piece.id())
                && piece.role() != PieceRole.Whole.FRONT;
        return inner.free().filter(side -> under).flatMap(side -> cover.back()
                .overlap()
                .filter(Length::isPositive)
                .map(overlap -> new Hidden(side, piece.edge(side).allowance().plus(overlap), cover.allowance())));
    }

    /** Every piece, as often as it is cut. */
    public List<Piece> pieces() {
        return wanted.stream().map(each -> each.piece().times(each.copies())).toList();
    }

    /** How many pieces there are in all. */
    public int count() {
        return wanted.stream().mapToInt(Wanted::copies).sum();
    }

    /** Square inches of all pieces. */
    public double area() {
        return wanted.stream()
                .mapToDouble(each -> each.piece().area() / each.piece().quantity() * each.copies())
                .sum();
    }
}
