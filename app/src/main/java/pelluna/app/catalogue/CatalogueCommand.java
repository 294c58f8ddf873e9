package pelluna.app.catalogue;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import pelluna.core.catalogue.Catalogue;

/**
 * {@code ./pelluna catalogue --format json|csv}: writes the whole catalogue to standard output; no server, no
 * database.
 */
public final class CatalogueCommand {
    private CatalogueCommand() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int code = run(args, out, err);
        out.flush();
        System.exit(code);
    }

    /**
     * @return 0 with the catalogue on {@code out}, or 2 with what is wrong on {@code err} and nothing on {@code out}
     */
    static int run(String[] args, PrintStream out, PrintStream err) {
        String format = args.length == 0
                ? "json"
                : args.length == 2 && args[0].equals("--format")
                        ? args[1]
                        : args.length == 1 && args[0].startsWith("--format=")
                                ? args[0].substring("--format=".length())
                                : "";
        if (!List.of("json", "csv").contains(format)) {
            err.println("usage: ./pelluna catalogue --format json|csv");
            return 2;
        }
        Catalogue catalogue = Catalogue.shipped();
        out.print(
                format.equals("csv")
                        ? CatalogueCsv.write(catalogue.all())
                        : new CatalogueJson().write(catalogue.all()) + System.lineSeparator());
        return 0;
    }
}
