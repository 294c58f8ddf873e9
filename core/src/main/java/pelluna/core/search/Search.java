package pelluna.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.names.FishNames;
import pelluna.core.phrasebook.Phrasebook;
import pelluna.core.plan.Plan;
import pelluna.core.sieve.Verdict;

/**
 * Finds species as people ask for them, each judged for one tank, best fit first. Made once for a catalogue: it holds
 * the index of its words.
 */
public final class Search {
    private static final double BY_WHOLE_NAME = 1;
    private static final double BY_ALL_WORDS = 0.95;

    private final Catalogue catalogue;
    private final Words words;

    public Search(Catalogue catalogue) {
        this.catalogue = catalogue;
        this.words = new Words(new FishNames(catalogue), new Terms(Stance.CUSTOMARY).words());
    }

    /** The resolver of names that it asks. */
    public FishNames names() {
        return words.names();
    }

    /** Answers what a keeper typed in English. @see #ask(String, Singles, Phrasebook) */
    public Answer ask(String typed, Plan plan) {
        return ask(typed, new Singles(plan), Phrasebook.ENGLISH);
    }

    /**
     * Answers what a keeper typed; nothing typed finds every species. O(species × (words + rules)).
     *
     * @param singles verdicts for the tank; those that it has found already are not found again
     * @param book of the keeper's language; English is understood as well
     */
    public Answer ask(String typed, Singles singles, Phrasebook book) {
        Stance stance = singles.plan().stance();
        Question question = new QuestionReader(new Terms(stance), words, book).read(typed);
        List<String> all = Words.tokens(typed).stream()
                .filter(t -> !Words.empty(t))
                .map(t -> words.meant(t, book.words()).orElse(t))
                .toList();
        Optional<Species> whole = words.names().whole(typed);
        List<Found> found = new ArrayList<>();
        for (Species s : catalogue.all()) {
            double match = whole.filter(s::equals).isPresent() ? BY_WHOLE_NAME : match(s, question, all);
            if (match > 0) {
                found.add(new Found(s, singles.of(s), match, buts(s, question, match)));
            }
        }
        boolean relaxed = found.isEmpty() && question.criteria().size() > 1;
        if (relaxed) {
            nearest(question, found, singles);
        }
        if (question.onlyFits()) {
            found.removeIf(f -> f.verdict().outcome() == Verdict.Outcome.NOT_IN_THIS_TANK);
        }
        found.sort(Comparator.comparing((Found f) -> f.match() == BY_WHOLE_NAME ? 0 : 1)
                .thenComparing(f -> f.verdict().outcome())
                .thenComparing(Found::match, Comparator.reverseOrder())
                .thenComparing(f -> f.verdict().fitsIf().size())
                .thenComparing(f -> f.species().sold())
                .thenComparing(f -> f.verdict().findings().size())
                .thenComparing(f -> f.species().name()));
        return new Answer(question, found, relaxed);
    }

    private double match(Species s, Question question, List<String> all) {
        if (!all.isEmpty() && !question.excludes() && all.stream().allMatch(t -> words.goesBy(s, t))) {
            return BY_ALL_WORDS;
        }
        if (!question.names().stream().allMatch(t -> words.goesBy(s, t))) {
            return 0;
        }
        double match = 0.9;
        for (Criterion c : question.criteria()) {
            match *= c.match().applyAsDouble(s);
        }
        return match;
    }

    private static List<Understood> buts(Species s, Question question, double match) {
        return match >= BY_ALL_WORDS
                ? List.of()
                : question.criteria().stream()
                        .filter(c -> c.match().applyAsDouble(s) < 0.8)
                        .<Understood>map(c -> new Understood.OnlyNearly(c.understood()))
                        .toList();
    }

    /** The species that are most of what was asked for, if nothing is all of it: at least half, and as many as any. */
    private void nearest(Question question, List<Found> found, Singles singles) {
        int asked = question.criteria().size();
        int best = (asked + 1) / 2;
        for (Species s : catalogue.all()) {
            if (question.names().stream().allMatch(t -> words.goesBy(s, t))) {
                best = Math.max(best, holds(s, question));
            }
        }
        for (Species s : catalogue.all()) {
            if (holds(s, question) == best && question.names().stream().allMatch(t -> words.goesBy(s, t))) {
                found.add(new Found(
                        s,
                        singles.of(s),
                        0.5 * best / asked,
                        question.criteria().stream()
                                .filter(c -> c.match().applyAsDouble(s) == 0)
                                .<Understood>map(c -> new Understood.Not(c.understood()))
                                .toList()));
            }
        }
    }

    private static int holds(Species s, Question question) {
        return (int) question.criteria().stream()
                .filter(c -> c.match().applyAsDouble(s) > 0)
                .count();
    }
}
