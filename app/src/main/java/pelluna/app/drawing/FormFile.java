package pelluna.app.drawing;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Reads {@code fish/forms.txt}: a name at the edge, under it its lines. How a line is written stands in the file. */
final class FormFile {
    private static final String FILE = "/fish/forms.txt";

    private FormFile() {}

    /** By the word of the form. @throws IllegalStateException if a line cannot be read */
    static Map<String, FormSpec> read() {
        Map<String, FormSpec> all = new LinkedHashMap<>();
        FormSpec last = new FormSpec();
        for (String line : lines()) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (!line.startsWith(" ")) {
                last = new FormSpec();
                all.put(line.strip(), last);
                continue;
            }
            try {
                take(last, line.strip());
            } catch (IllegalArgumentException e) {
                throw new IllegalStateException(line, e);
            }
        }
        return all;
    }

    private static List<String> lines() {
        try (InputStream in = FormFile.class.getResourceAsStream(FILE)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void take(FormSpec spec, String line) {
        String[] words = line.split(" +");
        List<String> rest = Arrays.asList(words).subList(1, words.length);
        switch (words[0]) {
            case "body" -> rest.forEach(p -> spec.body.add(point(p)));
            case "fin" -> spec.fins.add(fin(rest));
            case "tail" -> {
                spec.tail = rest.get(0);
                spec.figures.put("tail", numbers(rest.subList(1, rest.size())));
            }
            case "scales" -> spec.scales = rest.get(0);
            case "outline" ->
                spec.paths.merge(rest.get(0), rest.stream().skip(1).collect(Collectors.joining(" ")), (a, b) -> a + b);
            default -> {
                if (!rest.equals(List.of("none"))) {
                    spec.figures.put(words[0], numbers(rest));
                }
            }
        }
    }

    private static double[] point(String written) {
        double[] p = numbers(Arrays.asList(written.split("/")));
        return p.length == 3 ? p : new double[] {p[0], -p[1], p[1]};
    }

    private static FormSpec.FinSpec fin(List<String> words) {
        int side = words.get(0).equals("back") ? -1 : 1;
        boolean spiny = words.get(3).startsWith("s");
        int spines = spiny ? Integer.parseInt(words.get(3).substring(1)) : 0;
        return new FormSpec.FinSpec(
                side,
                Double.parseDouble(words.get(1)),
                Double.parseDouble(words.get(2)),
                spines,
                numbers(words.subList(spiny ? 4 : 3, words.size())));
    }

    private static double[] numbers(List<String> words) {
        return words.stream().mapToDouble(Double::parseDouble).toArray();
    }
}
