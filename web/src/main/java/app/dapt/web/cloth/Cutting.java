package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import app.dapt.web.Reader;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.SetStore;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What lies on the cutting table: a cover, or the covers of a set, with the cloths they need. */
@Component
@Transactional
class Cutting {

    /**
     * @param members the covers, each so many times
     * @param uses    the cloths they need, the front's first
     * @param mark    the finest mark on the reader's tape
     * @param unit    what prices go by: the covers' own yard or metre
     */
    record Table(Owner owner, String name, List<CoverSet.Member> members, List<ClothUse> uses, Mark mark, Unit unit) {

        /** What the covers would need of a cloth if it were another: a wider one is joined from fewer drops. */
        Optional<ClothUse> instead(Cloth cloth, Cloth other) {
            List<ClothUse.Of> of = members.stream().map(member -> of(member, changed(member.cover().plan(), cloth, each -> other), mark)).toList();
            return ClothUse.of(of).stream().filter(use -> use.cloth().equals(other)).findFirst();
        }

        /** The cloth with this number, or the first. */
        int known(int cloth) {
            return cloth >= 0 && cloth < uses.size() ? cloth : 0;
        }
    }

    private final CoverStore covers;
    private final SetStore sets;

    Cutting(CoverStore covers, SetStore sets) {
        this.covers = covers;
        this.sets = sets;
    }

    @Transactional(readOnly = true)
    public Table table(Owner owner, Reader reader) {
        CoverSet set = owner.isSet() ? sets.find(owner.id()) : alone(owner);
        Mark mark = set.members().isEmpty() ? reader.mark() : reader.mark(set.members().get(0).cover().plan());
        Unit unit = set.members().isEmpty() ? mark.unit() : set.members().get(0).cover().plan().unit();
        List<ClothUse.Of> of = set.members().stream().map(member -> of(member, member.cover().plan(), mark)).toList();
        return new Table(owner, set.name(), set.members(), ClothUse.of(of), mark, unit);
    }

    private static ClothUse.Of of(CoverSet.Member member, CoverPlan plan, Mark mark) {
        return new ClothUse.Of(String.valueOf(member.cover().id()), Reckoner.glance(plan, mark), member.count());
    }

    private CoverSet alone(Owner owner) {
        Cover cover = covers.find(owner.id());
        return new CoverSet(owner.id(), cover.plan().name(), List.of(new CoverSet.Member(cover, 1)));
    }

    /** Changes a cloth in every cover on the table that is cut from it; each can undo it for itself. */
    public void change(Table table, Cloth cloth, UnaryOperator<Cloth> change) {
        for (CoverSet.Member member : table.members()) {
            covers.change(member.cover().id(), member.cover().version(), "", plan -> changed(plan, cloth, change));
        }
    }

    /** Plans the one cover on the table otherwise. */
    public void plan(Table table, CoverPlan plan) {
        Cover cover = table.members().get(0).cover();
        covers.change(cover.id(), cover.version(), "", before -> plan);
    }

    private static CoverPlan changed(CoverPlan plan, Cloth cloth, UnaryOperator<Cloth> change) {
        CoverPlan changed = plan;
        for (Material material : Material.values()) {
            if (plan.cloths().of(material).equals(cloth)) {
                changed = changed.withCloths(changed.cloths().with(material, change.apply(cloth)));
            }
        }
        return changed;
    }
}
