package app.dapt.web.workroom;

import app.dapt.files.BadPlanFile;
import app.dapt.files.PlanJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The refit of the steamer Wren, laid out in a workroom where nothing was made yet. */
@Component
@ConditionalOnProperty("dapt.demo")
class DemoCovers implements SmartInitializingSingleton {

    private final CoverStore store;

    DemoCovers(CoverStore store) {
        this.store = store;
    }

    /** Before anybody is let in, so that nobody finds half a workroom. */
    @Override
    public void afterSingletonsInstantiated() {
        if (!store.isUntouched()) {
            return;
        }
        try {
            layOut();
        } catch (IOException | BadPlanFile e) {
            throw new IllegalStateException("the demo's plans do not read", e);
        }
    }

    private void layOut() throws IOException, BadPlanFile {
        Resource[] plans = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        List<Resource> lastFirst = Arrays.stream(plans)
                .sorted(Comparator.comparing(Resource::getFilename).reversed()).toList();
        for (Resource plan : lastFirst) {
            store.create(PlanJson.read(plan.getContentAsString(StandardCharsets.UTF_8)));
        }
    }
}
