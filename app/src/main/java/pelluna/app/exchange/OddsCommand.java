package pelluna.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Optional;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.odds.Player;
import pelluna.core.odds.Rates;
import pelluna.core.plan.Plan;
import pelluna.words.Words;

/**
 * {@code ./pelluna odds FILE}: plays a plan file, with everything that it wishes for, and prints how often it goes
 * well; no server, no database.
 */
public final class OddsCommand {
    private static final Words SAY = Words.forAnybody();
    private static final int USUAL_RUNS = 2000;
    private static final long USUAL_SEED = 1;

    private OddsCommand() {}

    /** @param runs above zero */
    private record Asked(String file, int runs, long seed) {
        /** Empty if the arguments are none. Options may stand before the file and behind it. */
        static Optional<Asked> of(String[] args) {
            int runs = USUAL_RUNS;
            long seed = USUAL_SEED;
            String file = null;
            for (int i = 0; i < args.length; i++) {
                String next = i + 1 < args.length ? args[i + 1] : "";
                if (args[i].equals("--runs") && next.matches("[1-9]\\d{0,4}")) {
                    runs = Integer.parseInt(args[++i]);
                } else if (args[i].equals("--seed") && next.matches("-?\\d{1,18}")) {
                    seed = Long.parseLong(args[++i]);
                } else if (file == null && (args[i].equals("-") || !args[i].startsWith("--"))) {
                    file = args[i];
                } else {
                    return Optional.empty();
                }
            }
            return file == null ? Optional.empty() : Optional.of(new Asked(file, runs, seed));
        }
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int code = run(args, System.in, out, err);
        out.flush();
        System.exit(code);
    }

    /** @return 0 with the odds on {@code out}, or 2 with what is wrong on {@code err} and nothing on {@code out} */
    static int run(String[] args, InputStream in, PrintStream out, PrintStream err) {
        Optional<Asked> asked = Asked.of(args);
        if (asked.isEmpty()) {
            err.println(SAY.text("page.exchange.usageOdds"));
            return 2;
        }
        String file = asked.get().file();
        try {
            PlanFiles files = new PlanFiles(Catalogue::shipped);
            Plan plan = files.plan(files.parse(PlanArgument.read(file, in)), LocalDate.now());
            Player player = Player.ofWishes(plan, Rates.USUAL, asked.get().seed());
            out.println(files.write(OddsFile.of(player.play(asked.get().runs()))));
            return 0;
        } catch (PlanProblemsException | IOException e) {
            return PlanArgument.refused(e, file, SAY, err);
        }
    }
}
