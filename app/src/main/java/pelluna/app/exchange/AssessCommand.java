package pelluna.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.core.assessment.Assessor;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.units.Stop;
import pelluna.words.Words;

/** {@code ./pelluna assess FILE}: reads a plan file, prints its assessment; no server, no database. */
public final class AssessCommand {
    private static final Words SAY = Words.forAnybody();

    private AssessCommand() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int code = run(args, System.in, out, err);
        out.flush();
        System.exit(code);
    }

    /**
     * @return 0 with the assessment on {@code out}, or 2 with what is wrong on {@code err} and nothing on {@code out}
     */
    static int run(String[] args, InputStream in, PrintStream out, PrintStream err) {
        Optional<Stop> stop = stop(args);
        if (stop.isEmpty()) {
            err.println(SAY.text("page.exchange.usagePellunaAssessSecondsNFILE"));
            return 2;
        }
        String file = args[args.length - 1];
        try {
            PlanFiles files = new PlanFiles(Catalogue::shipped);
            var plan = files.plan(files.parse(PlanArgument.read(file, in)), LocalDate.now());
            out.println(files.write(AssessmentFile.of(new Assessor().assess(plan, stop.get()), SAY)));
            return 0;
        } catch (PlanProblemsException | IOException e) {
            return PlanArgument.refused(e, file, SAY, err);
        }
    }

    /** Without a time the search goes on until it is done; empty if the arguments are none. */
    private static Optional<Stop> stop(String[] args) {
        if (args.length == 1) {
            return Optional.of(Stop.NEVER);
        }
        return args.length == 3 && args[0].equals("--seconds") && args[1].matches("\\d{1,5}")
                ? Optional.of(Stop.after(Duration.ofSeconds(Long.parseLong(args[1]))))
                : Optional.empty();
    }
}
