package pelluna.app.beginning;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Species;
import pelluna.core.search.Singles;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;

/**
 * What the answers decide: how many species fit as things are, and how many each question holds back.
 *
 * @param held by question; a species may be held back by several
 */
record Decides(int fits, int all, Map<Question, Integer> held) {
    /** What is asked, with the rules that hang on it. */
    enum Question {
        SIZE(RuleName.LEAST_VOLUME, RuleName.LEAST_RUN, RuleName.TURNING_ROOM),
        CYCLED(RuleName.TANK_AGE),
        KEEPS(RuleName.REEF_LIFE),
        KEEPER(RuleName.SKILL, RuleName.KEEPER_SAFETY, RuleName.HARD_FEEDER);

        private final Set<RuleName> rules;

        Question(RuleName first, RuleName... more) {
            this.rules = EnumSet.of(first, more);
        }
    }

    static Decides of(Catalogue catalogue, Singles singles) {
        int fits = 0;
        Map<Question, Integer> held = new EnumMap<>(Question.class);
        for (Species s : catalogue.all()) {
            Verdict v = singles.of(s);
            fits += v.outcome() == Verdict.Outcome.FITS ? 1 : 0;
            for (Question q : Question.values()) {
                boolean stops = v.findings().stream().anyMatch(f -> f.blocks() && q.rules.contains(f.rule()));
                held.merge(q, stops ? 1 : 0, Integer::sum);
            }
        }
        return new Decides(fits, catalogue.all().size(), held);
    }

    /** How many a question holds back. @param question its name */
    public int stopped(String question) {
        return held.get(Question.valueOf(question));
    }
}
