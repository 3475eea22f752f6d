package app.dapt.web.workroom;

import app.dapt.files.BadPlanFile;
import app.dapt.files.PlanJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The refit of the steamer Wren, laid out in a workroom where nothing was made yet. */
@Component
@ConditionalOnProperty("dapt.demo")
class DemoCovers implements ApplicationRunner {

    private final CoverStore store;

    DemoCovers(CoverStore store) {
        this.store = store;
    }

    @Override
    public void run(ApplicationArguments args) throws IOException, BadPlanFile {
        if (!store.isUntouched()) {
            return;
        }
        Resource[] plans = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        List<Resource> lastFirst = Arrays.stream(plans)
                .sorted(Comparator.comparing(Resource::getFilename).reversed()).toList();
        for (Resource plan : lastFirst) {
            store.create(PlanJson.read(plan.getContentAsString(StandardCharsets.UTF_8)));
        }
    }
}
