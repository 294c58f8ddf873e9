package pelluna.app.rough;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;

/** What may stand in a field: what people type, what programs send, and the edges of everything. */
final class Values {
    private static final List<String> DAYS = List.of(
            "2026-03-01",
            "2026-02-30",
            "0001-01-01",
            "-5000-01-01",
            "0026-03-01",
            "1989-12-31",
            "2101-01-01",
            "9999-12-31",
            "+999999-01-01",
            "01.03.2026",
            "yesterday",
            "2026-3-1");
    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1",
            "3",
            "7.5",
            "7,5",
            "1e308",
            "-1e308",
            "1e400",
            "NaN",
            "Infinity",
            "0x10",
            "9".repeat(30),
            "2147483648",
            "-9223372036854775808",
            "9223372036854775807",
            "1e-320",
            "½",
            "١٢");
    private static final List<String> PLACES = List.of(
            "w0", "r0", "w99", "r-1", "w", "w0,w0", "w0,w1", ",", ".", "0.0", "-1", "x", "w0 ", "w0;r0", "w1e9");
    private static final List<String> ODD = List.of(
            "",
            " ",
            "\t",
            "\u0000",
            "a\u0000b",
            "\ufffd",
            "\ud83d\udc20",
            "\u202egnorw",
            "<script>alert(1)</script>",
            "'\"><img src=x onerror=alert(1)>",
            "=1+1",
            "\uff1d1+1",
            "@SUM(A1)",
            "'; drop table tank; --",
            "../../etc/passwd",
            "%00",
            "%ff",
            "${7*7}",
            "[[${7*7}]]",
            "true",
            "null",
            "undefined",
            "{}",
            "[",
            "clownfish",
            "Gramma loreto");
    private static final Arbitrary<String> ALL = Arbitraries.frequencyOf(
            net.jqwik.api.Tuple.of(4, Arbitraries.of(DAYS)),
            net.jqwik.api.Tuple.of(5, Arbitraries.of(NUMBERS)),
            net.jqwik.api.Tuple.of(3, Arbitraries.of(PLACES)),
            net.jqwik.api.Tuple.of(6, Arbitraries.of(ODD)),
            net.jqwik.api.Tuple.of(2, Arbitraries.strings().ofMaxLength(40)),
            net.jqwik.api.Tuple.of(1, Arbitraries.strings().alpha().ofLength(700)),
            net.jqwik.api.Tuple.of(1, Arbitraries.strings().alpha().ofLength(4000)),
            net.jqwik.api.Tuple.of(2, Arbitraries.integers().map(String::valueOf)),
            net.jqwik.api.Tuple.of(1, Arbitraries.doubles().map(String::valueOf)));

    private final net.jqwik.api.RandomGenerator<String> generator = ALL.generator(1000);
    private final Random random;

    Values(Random random) {
        this.random = random;
    }

    String next() {
        return generator.next(random).value();
    }
}
