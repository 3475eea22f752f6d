package app.dapt.web.workroom;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Lets go what nobody can come back to: covers long deleted, pictures that no cover shows, forms sent long ago. */
@Component
@EnableScheduling
class Tidying {

    private static final Logger LOG = LoggerFactory.getLogger(Tidying.class);

    private final CoverMapper covers;
    private final PictureMapper pictures;
    private final PressMapper presses;
    private final TransactionTemplate transaction;

    Tidying(CoverMapper covers, PictureMapper pictures, PressMapper presses, TransactionTemplate transaction) {
        this.covers = covers;
        this.pictures = pictures;
        this.presses = presses;
        this.transaction = transaction;
    }

    /** A few minutes after the start, then every six hours. */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT6H")
    void tidy() {
        try {
            int gone = transaction.execute(status -> covers.emptyBin() + pictures.dropUnused() + presses.forget());
            LOG.debug("Let go {} rows", gone);
        } catch (DataAccessException e) {
            LOG.warn("Not tidied: {}", e.getMessage());
        }
    }
}
