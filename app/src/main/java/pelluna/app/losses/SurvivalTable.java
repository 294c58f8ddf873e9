package pelluna.app.losses;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import pelluna.app.chart.SurvivalDrawing;
import pelluna.core.losses.KaplanMeier;
import pelluna.core.losses.Life;
import pelluna.core.losses.LogRank;
import pelluna.core.units.Named;
import pelluna.words.Words;

/** Survival by one way of parting fish into groups. */
final class SurvivalTable {
    /** Fewer losses than this make no comparison. */
    private static final int LEAST_LOST = 3;

    private static final double CHANCE = 0.05;
    private static final int MONTH = 30;
    private static final int YEAR = 365;

    private SurvivalTable() {}

    /** Ways of parting. */
    enum By implements Named {
        GROUP("group", (l, say) -> say.written(l.species().group())),
        ORIGIN(
                "origin",
                (l, say) -> l.source()
                        .captiveBred()
                        .map(b -> b ? say.text("page.losses.captiveBred") : say.text("page.losses.wild"))
                        .orElse(say.text("page.losses.notSaid"))),
        SHOP(
                "shop",
                (l, say) -> l.source().shop().isEmpty()
                        ? say.text("page.losses.notSaid")
                        : l.source().shop()),
        QUARANTINE("quarantine", (l, say) -> l.source().school().map(say::of).orElse(say.text("page.losses.notSaid")));

        private final String word;
        private final BiFunction<Life, Words, String> key;

        By(String word, BiFunction<Life, Words, String> key) {
            this.word = word;
            this.key = key;
        }

        @Override
        public String word() {
            return word;
        }
    }

    /**
     * One group. @param month share alive after 30 days, in words; @param compared with all others, in words; empty if
     * nothing can be said
     */
    record Row(
            String name, int fish, int lost, String month, String year, String spark, String says, String compared) {}

    static KaplanMeier curve(List<Life> lives) {
        return KaplanMeier.of(lives.stream().map(Life::observed).toList());
    }

    static List<Row> rows(List<Life> lives, By by, Words say) {
        Map<String, List<Life>> groups = new LinkedHashMap<>();
        lives.forEach(l -> groups.computeIfAbsent(by.key.apply(l, say), k -> new ArrayList<>())
                .add(l));
        double until = lives.stream().mapToInt(Life::days).max().orElse(1);
        return groups.entrySet().stream()
                .sorted((a, b) -> b.getValue().size() - a.getValue().size())
                .map(e -> row(
                        e.getKey(),
                        e.getValue(),
                        lives.stream()
                                .filter(l -> !by.key.apply(l, say).equals(e.getKey()))
                                .toList(),
                        until,
                        say))
                .toList();
    }

    private static Row row(String name, List<Life> mine, List<Life> others, double until, Words say) {
        KaplanMeier k = curve(mine);
        return new Row(
                name,
                k.subjects(),
                k.lost(),
                share(k, MONTH, say),
                share(k, YEAR, say),
                SurvivalDrawing.spark(k, until),
                says(k, say),
                compared(mine, others, say));
    }

    /** 'after 30 days 87 % (60 to 96)'; an em dash where nobody was followed so long. */
    static String share(KaplanMeier k, int days, Words say) {
        double s = k.at(days);
        if (Double.isNaN(s)) {
            return "—";
        }
        KaplanMeier.Step last = k.steps().stream()
                .filter(x -> x.time() <= days)
                .reduce((a, b) -> b)
                .orElse(null);
        return last == null
                ? say.text("page.losses.share", Math.round(100 * s))
                : say.text(
                        "page.losses.shareAndBand",
                        Math.round(100 * s),
                        Math.round(100 * last.low()),
                        Math.round(100 * last.high()));
    }

    /** How far to trust it, in a sentence. */
    static String says(KaplanMeier k, Words say) {
        if (k.subjects() == 0) {
            return say.text("page.losses.noFishYetWhoseDayOfArrival");
        }
        if (k.lost() == 0) {
            return say.text(
                    "page.losses.noneLostSoFarFromSoMany",
                    say.text("page.losses.fish", k.subjects()),
                    Math.round(100 * KaplanMeier.leastIfNoneLost(k.subjects())));
        }
        return k.subjects() < 10 || k.lost() < LEAST_LOST
                ? say.text("page.losses.lostOfSoFew", k.lost(), k.subjects())
                : say.text("page.losses.lostOf", k.lost(), k.subjects());
    }

    private static String compared(List<Life> mine, List<Life> others, Words say) {
        long lost = mine.stream().filter(Life::lost).count()
                + others.stream().filter(Life::lost).count();
        if (others.isEmpty() || lost < LEAST_LOST || mine.size() < 2) {
            return "";
        }
        LogRank test = LogRank.of(
                mine.stream().map(Life::observed).toList(),
                others.stream().map(Life::observed).toList());
        String way = test.seen() > test.expected()
                ? say.text("page.losses.moreLostThanOfTheOthers")
                : say.text("page.losses.fewerLostThanOfTheOthers");
        return test.p() < CHANCE
                ? say.text("page.losses.hardToPutDownToChance", way)
                : Math.abs(test.seen() - test.expected()) < 0.5
                        ? say.text("page.losses.asTheOthers")
                        : say.text("page.losses.couldBeChance", way);
    }
}
