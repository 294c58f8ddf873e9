package pelluna.app.species;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Species;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.words.Words;

/**
 * Two or three species laid side by side for one tank: the verdicts, the rules that part them, and the facts in which
 * they differ.
 */
record Comparison(List<Column> columns, List<Row> rules, List<Row> facts, List<Row> alike, String sentence) {
    /** One species. */
    record Column(Species species, String path, Verdict verdict, String decides) {}

    /** One rule or topic over all columns. */
    record Row(String topic, List<String> cells) {
        public boolean differs() {
            return cells.stream().distinct().count() > 1;
        }
    }

    static Comparison of(List<Species> species, OpenTank opened) {
        List<Column> columns = species.stream()
                .map(s -> {
                    Verdict v = opened.singles().of(s);
                    return new Column(
                            s,
                            Paths.of(s),
                            v,
                            v.stop()
                                    .map(f -> opened.say().of(f.rule()) + " "
                                            + opened.say().of(f.reason()))
                                    .orElse(opened.say().text("page.species.noRuleStopsIt")));
                })
                .toList();
        List<Row> rules = new ArrayList<>();
        for (RuleName rule : RuleName.values()) {
            Row row = new Row(
                    opened.say().of(rule),
                    columns.stream()
                            .map(c -> says(c.verdict(), rule, opened.say()))
                            .toList());
            if (row.differs()) {
                rules.add(row);
            }
        }
        List<List<FactSheet.Line>> sheets = species.stream()
                .map(s -> new FactSheet(s, opened.say()).lines())
                .toList();
        List<Row> facts = new ArrayList<>();
        List<Row> alike = new ArrayList<>();
        if (!sheets.isEmpty()) {
            sheets.get(0).stream().map(FactSheet.Line::topic).distinct().forEach(topic -> {
                Row row = new Row(
                        topic,
                        sheets.stream()
                                .map(sheet -> sheet.stream()
                                        .filter(l -> l.topic().equals(topic))
                                        .map(FactSheet.Line::says)
                                        .findFirst()
                                        .orElse("—"))
                                .toList());
                (row.differs() ? facts : alike).add(row);
            });
        }
        return new Comparison(columns, rules, facts, alike, sentence(columns, rules, opened.say()));
    }

    private static String says(Verdict v, RuleName rule, Words say) {
        return v.findings().stream()
                .filter(f -> f.rule() == rule)
                .max(java.util.Comparator.comparing(Finding::step))
                .map(f -> say.title(f.step()) + ". " + say.of(f.reason()))
                .orElse(say.text("page.species.nothingAgainstIt"));
    }

    private static String sentence(List<Column> columns, List<Row> rules, Words say) {
        if (columns.size() < 2) {
            return "";
        }
        Optional<Column> best = columns.stream()
                .min(java.util.Comparator.comparing((Column c) -> c.verdict().outcome())
                        .thenComparing(c -> c.verdict().fitsIf().size()));
        boolean all =
                columns.stream().map(c -> c.verdict().outcome()).distinct().count() == 1;
        String parts = rules.isEmpty()
                ? say.text("page.species.noRulePartsThem")
                : say.text("page.species.rulesPartThem", rules.size());
        return all
                ? say.text(
                        "page.species.forEachTheAnswerIs",
                        parts,
                        say.of(columns.get(0).verdict().outcome()))
                : say.text("page.species.doesBest", best.orElseThrow().species(), parts);
    }
}
