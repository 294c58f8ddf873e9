package pelluna.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import pelluna.app.planfile.FileFound;
import pelluna.app.planfile.FileNeeds;
import pelluna.app.planfile.PlanFiles;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.planfile.Problem;
import pelluna.words.Words;

/** The plan file that a command is given: a name, or {@code -} for standard input. */
final class PlanArgument {
    private PlanArgument() {}

    /** @throws PlanProblemsException if it is too large for a plan */
    static byte[] read(String name, InputStream in) throws IOException {
        byte[] bytes = name.equals("-") ? in.readNBytes(PlanFiles.MOST_BYTES + 1) : Files.readAllBytes(Path.of(name));
        if (bytes.length > PlanFiles.MOST_BYTES) {
            throw new PlanProblemsException(
                    List.of(new Problem("", new FileFound.TooLarge(), new FileNeeds.PlanFile())));
        }
        return bytes;
    }

    /** Says what is wrong with it, a line a field. @return the code to end with, 2 */
    static int refused(Exception wrong, String name, Words say, PrintStream err) {
        if (wrong instanceof PlanProblemsException e) {
            e.problems().forEach(p -> err.println(say.of(p)));
        } else {
            err.println(say.text("page.exchange.fILEFoundWhichCannotBeRead", name));
        }
        return 2;
    }
}
