package app.dapt.web.workroom;

import app.dapt.shelf.CostSheet.Beside;
import app.dapt.web.workroom.CostMapper.BesideRow;
import app.dapt.web.workroom.LearningStore.Terms;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is set beside the cost of a cover or a set; what an hour counts is one for the workroom. */
@Service
@Transactional
public class CostStore {

    private final CostMapper costs;
    private final LearningStore learning;
    private final CoverStore covers;

    CostStore(CostMapper costs, LearningStore learning, CoverStore covers) {
        this.costs = costs;
        this.learning = learning;
        this.covers = covers;
    }

    @Transactional(readOnly = true)
    public Beside beside(Owner owner) {
        Optional<BesideRow> row = costs.beside(covers.workroom(), owner.isSet(), owner.id());
        return new Beside(
                row.map(BesideRow::form),
                row.map(BesideRow::bought),
                learning.terms().hourly());
    }

    public void put(Owner owner, Beside beside) {
        BesideRow row =
                new BesideRow(beside.form().orElse(null), beside.bought().orElse(null));
        if (owner.isSet()) {
            costs.putOfSet(covers.workroom(), owner.id(), row);
        } else {
            costs.putOfCover(covers.workroom(), owner.id(), row);
        }
        Terms terms = learning.terms();
        if (terms.hourly() != beside.hourly()) {
            learning.setTerms(new Terms(beside.hourly(), terms.margin()));
        }
    }
}
