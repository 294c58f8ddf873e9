package pelluna.core.names;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import pelluna.core.catalogue.Species;

/**
 * Lists of fish as people write them and shops send them: a line a fish, or several in a line; with numbers, sizes,
 * prices and remarks around the names, which may be wrong.
 */
public final class FishList {
    private static final Pattern BULLET = Pattern.compile("^[\\s\\-–—*•·>+]*(\\[[ xX]?])?\\s*(\\d{1,3}[.)]\\s+)?");
    private static final Pattern COUNT_BEFORE = Pattern.compile(
            "^(?:(\\d{1,2})\\s*(?:x|×|stk\\.?|stück|pcs?\\.?)?\\s+|(?:x|×)\\s?(\\d{1,2})\\s+)(?=\\p{L})");
    private static final Pattern COUNT_AFTER =
            Pattern.compile("\\s[x×]\\s?(\\d{1,2})\\b|\\s(\\d{1,2})\\s?[x×](?=\\s|$)|\\((\\d{1,2})\\)\\s*$");
    private static final Pattern PAIR = Pattern.compile("\\b(a )?(mated )?(pair|pairs|paar|pärchen)\\b( of| mit)?");
    private static final String AMOUNT = "\\d{1,4}(?:[.,]\\d{1,2})?";
    private static final Pattern PRICE = Pattern.compile("(?:[€$£]|\\b(?:eur|usd|gbp|chf)\\b)\\s?(" + AMOUNT + ")|("
            + AMOUNT + ")\\s?(?:[€$£]|(?:eur|usd|gbp|chf|kr)\\b|,-)|\\s(\\d{1,4}[.,]\\d{2})\\s*$");
    private static final Pattern PLAIN_PRICE = Pattern.compile("\\s*(\\d{1,4}[.,]\\d{2})\\s*");
    private static final String SPAN = "\\d+(?:[.,]\\d+)?(?:\\s?[-–]\\s?\\d+(?:[.,]\\d+)?)?";
    private static final Pattern SIZE = Pattern.compile(SPAN + "\\s?(?:cm|mm|in\\b|inch(?:es)?\\b|\")");
    private static final Pattern REMARK =
            Pattern.compile("\\b(captive[- ]bred|tank[- ]raised|aquacultured|wild[- ]caught|in stock|sold out|new|rare|"
                    + "nachzucht(en)?|dnz|wildfang|ausverkauft|auf lager|neu|juvenile|juv|adult|"
                    + "small|medium|large|klein|mittel|groß|xs|sm|md|lg|xl)\\b|"
                    + "\\(\\s*[smlx]{1,2}(\\s?[/-]\\s?[smlx]{1,2})?\\s*\\)");
    private static final Pattern BRACKETS = Pattern.compile("\\(([^)]*)\\)");
    private static final Pattern LETTERS = Pattern.compile(".*\\p{L}{3}.*");
    private static final Set<String> HEADINGS = Set.of(
            "name",
            "names",
            "species",
            "fish",
            "fishes",
            "latin",
            "scientific",
            "common",
            "price",
            "qty",
            "quantity",
            "count",
            "size",
            "stock",
            "art",
            "arten",
            "fisch",
            "fische",
            "preis",
            "anzahl",
            "menge",
            "größe",
            "grosse",
            "bestand",
            "id",
            "sku",
            "nr",
            "no",
            "wissenschaftlich",
            "deutsch",
            "english",
            "article",
            "artikel",
            "description",
            "beschreibung");

    private FishList() {}

    /**
     * One fish of a list.
     *
     * @param line   the line that it stands on, from 1
     * @param typed  as it stands there
     * @param name   what was taken for its name
     * @param count  how many are named; 1 where nobody says
     * @param price  of one; empty where nobody says
     */
    public record Entry(int line, String typed, String name, int count, OptionalDouble price, Resolution meant) {
        /** The species that is meant: also after a slip of the keyboard that leaves but one. */
        public Optional<Species> one() {
            return meant.one()
                    .or(() -> meant.meant().size() == 1 && meant.meant().get(0).grade() == Meant.Grade.MISSPELT
                            ? Optional.of(meant.meant().get(0).species())
                            : Optional.empty());
        }
    }

    /**
     * Every fish of a list, in its order; headings and lines without letters are left out.
     *
     * @param rows the cells of every line; one cell where it is no table
     */
    public static List<Entry> read(List<List<String>> rows, FishNames names) {
        List<Entry> all = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            List<String> cells = rows.get(i).stream()
                    .map(String::strip)
                    .filter(c -> !c.isEmpty())
                    .toList();
            if (cells.stream().anyMatch(c -> LETTERS.matcher(c).matches()) && !heading(cells)) {
                all.addAll(line(i + 1, cells, names));
            }
        }
        return all;
    }

    private static boolean heading(List<String> cells) {
        Set<String> tokens =
                cells.stream().flatMap(c -> NameText.tokens(c).stream()).collect(Collectors.toSet());
        return cells.get(cells.size() - 1).endsWith(":") || HEADINGS.containsAll(tokens);
    }

    /** Whole names say it all, and are found at once; only a line without any is guessed at. */
    private static List<Entry> line(int number, List<String> cells, FishNames names) {
        List<Entry> whole = entries(number, cells, names::wholly).stream()
                .filter(e -> e.one().isPresent())
                .toList();
        List<Entry> each = whole.isEmpty() ? entries(number, cells, names::resolve) : whole;
        Set<Species> different = each.stream().flatMap(e -> e.one().stream()).collect(Collectors.toSet());
        if (different.size() > 1) {
            return whole.isEmpty() ? each : entries(number, cells, names::resolve);
        }
        Entry best = each.stream().min(Comparator.comparing(FishList::doubt)).orElseThrow();
        int count = each.stream().mapToInt(Entry::count).max().orElse(1);
        OptionalDouble price = cells.stream()
                .map(FishList::price)
                .filter(OptionalDouble::isPresent)
                .findFirst()
                .orElse(OptionalDouble.empty());
        return List.of(new Entry(number, String.join(" · ", cells), best.name(), count, price, best.meant()));
    }

    private static List<Entry> entries(int number, List<String> cells, Function<String, Resolution> names) {
        return cells.stream()
                .filter(c -> LETTERS.matcher(c).matches())
                .map(c -> entry(number, c, names))
                .toList();
    }

    /** The less, the surer. */
    private static int doubt(Entry e) {
        return e.meant().meant().isEmpty()
                ? Integer.MAX_VALUE
                : (e.one().isPresent() ? 0 : 100)
                        + e.meant().meant().get(0).grade().ordinal();
    }

    private static OptionalDouble price(String cell) {
        Matcher m = PRICE.matcher(cell.toLowerCase(Locale.ROOT));
        if (m.find()) {
            return OptionalDouble.of(number(first(m.toMatchResult())));
        }
        Matcher plain = PLAIN_PRICE.matcher(cell);
        return plain.matches() ? OptionalDouble.of(number(plain.group(1))) : OptionalDouble.empty();
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    private static Entry entry(int number, String typed, Function<String, Resolution> names) {
        String text = BULLET.matcher(typed).replaceFirst("").toLowerCase(Locale.ROOT);
        OptionalDouble price = price(text);
        text = SIZE.matcher(PRICE.matcher(text).replaceAll(" ")).replaceAll(" ");
        int count = 1;
        Matcher before = COUNT_BEFORE.matcher(text.strip());
        Matcher after = COUNT_AFTER.matcher(text);
        if (before.find()) {
            count = count(before.toMatchResult());
            text = before.replaceFirst("");
        } else if (after.find()) {
            count = count(after.toMatchResult());
            text = after.replaceFirst(" ");
        }
        Matcher pair = PAIR.matcher(text);
        if (pair.find()) {
            count = Math.max(2, count);
            text = pair.replaceAll(" ");
        }
        text = REMARK.matcher(text).replaceAll(" ");
        Resolution best = candidates(text).stream()
                .map(names)
                .min(Comparator.comparing((Resolution r) -> r.one().isEmpty())
                        .thenComparing(r -> r.meant().isEmpty()
                                ? Integer.MAX_VALUE
                                : r.meant().get(0).grade().ordinal()))
                .orElseThrow();
        return new Entry(number, typed, best.typed().strip(), Math.max(1, count), price, best);
    }

    private static int count(MatchResult m) {
        return Integer.parseInt(first(m));
    }

    /** The group that was found. */
    private static String first(MatchResult m) {
        return IntStream.rangeClosed(1, m.groupCount())
                .mapToObj(m::group)
                .filter(Objects::nonNull)
                .findFirst()
                .orElseThrow();
    }

    /** The text, the text without what stands in brackets, and what stands there: '… (Zebrasoma flavescens)'. */
    private static Set<String> candidates(String text) {
        Set<String> all = new LinkedHashSet<>();
        String bare = BRACKETS.matcher(text).replaceAll(" ");
        all.add(clean(bare));
        BRACKETS.matcher(text).results().forEach(r -> all.add(clean(r.group(1))));
        all.add(clean(text));
        for (String part : clean(bare).split("\\s[-–/|]\\s")) {
            all.add(part);
        }
        all.removeIf(c -> !LETTERS.matcher(c).matches());
        if (all.isEmpty()) {
            all.add(clean(text));
        }
        return all;
    }

    private static String clean(String text) {
        return text.replaceAll("[()\\[\\]]", " ").replaceAll("\\s+", " ").strip();
    }
}
