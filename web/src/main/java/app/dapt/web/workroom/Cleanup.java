package app.dapt.web.workroom;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * Lets go what nobody can come back to: covers and entries long deleted, pictures that nothing shows, forms sent and
 * words of devices heard long ago. Each by itself and some at a time, so that none takes long and one that fails keeps
 * no other.
 */
@Component
@EnableScheduling
class Cleanup {

    private static final Logger LOG = LoggerFactory.getLogger(Cleanup.class);

    private final Map<String, IntSupplier> steps = new LinkedHashMap<>();

    Cleanup(CoverMapper covers, LogMapper log, PictureStore pictures, PressMapper presses, WorkMapper work) {
        steps.put("covers", repeated(covers::emptyBin));
        steps.put("log entries", repeated(log::emptyBin));
        steps.put("pictures", pictures::dropUnused);
        steps.put("forms", repeated(presses::forget));
        steps.put("ticks", repeated(work::forgetSeen));
    }

    private static IntSupplier repeated(IntSupplier some) {
        return () -> {
            int all = 0;
            for (int gone = some.getAsInt(); gone > 0; gone = some.getAsInt()) {
                all += gone;
            }
            return all;
        };
    }

    /** A few minutes after the start, then every six hours. */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT6H")
    void tidy() {
        steps.forEach((what, step) -> {
            try {
                LOG.debug("Let go {} {}", step.getAsInt(), what);
            } catch (DataAccessException | TransactionException e) {
                LOG.warn("Not tidied, {}: {}", what, e.getMessage());
            }
        });
    }
}
