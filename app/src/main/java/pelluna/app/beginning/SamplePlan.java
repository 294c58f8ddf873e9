package pelluna.app.beginning;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Component;
import pelluna.app.planfile.PlanFiles;
import pelluna.core.plan.PlanFile;

/** An invented tank with its wishes, as a plan file that ships with Pelluna. */
@Component
class SamplePlan {
    private static final String FILE = "/samples/first-plan.json";

    private final PlanFiles files;

    SamplePlan(PlanFiles files) {
        this.files = files;
    }

    PlanFile plan() {
        try (InputStream in = SamplePlan.class.getResourceAsStream(FILE)) {
            return files.parse(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
