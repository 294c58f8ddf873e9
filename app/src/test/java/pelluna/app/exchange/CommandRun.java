package pelluna.app.exchange;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A command as it was run: its exit code, and what it wrote. */
record CommandRun(int code, String out, String err) {
    /** As a command's own entry is called. */
    interface Command {
        int run(String[] args, InputStream in, PrintStream out, PrintStream err);
    }

    static CommandRun of(Command command, String in, String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = command.run(
                args,
                new ByteArrayInputStream(in.getBytes(StandardCharsets.UTF_8)),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new CommandRun(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    JsonNode json() {
        return JsonMapper.builder().build().readTree(out);
    }
}
