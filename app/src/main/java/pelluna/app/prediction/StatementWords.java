package pelluna.app.prediction;

import java.util.Map;
import pelluna.app.fish.Fish;
import pelluna.core.sieve.RuleName;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Named;
import pelluna.words.English;
import pelluna.words.Words;

/** A statement as a keeper reads it. */
final class StatementWords {
    private StatementWords() {}

    static String title(Statement s, Map<Long, Fish> known, Words say) {
        return switch (s.rule()) {
            case Statement.TENSION ->
                English.capital(name(known, s.fish())) + " presses " + name(known, s.other()) + ": tension "
                        + Math.round(s.tension());
            case Statement.EATEN ->
                English.capital(name(known, s.fish())) + " eats "
                        + (s.other() != null
                                ? name(known, s.other())
                                : Named.find(ReefLife.class, s.about())
                                        .map(say::of)
                                        .orElse(s.about()));
            case Statement.OWN_RISK -> "Taken at your own risk: warned, and done";
            case Statement.CAPACITY -> "Capacity, " + s.about().replace('-', ' ');
            default -> Named.find(RuleName.class, s.rule()).map(say::of).orElse(s.rule());
        };
    }

    static String name(Map<Long, Fish> known, Long fish) {
        Fish f = fish == null ? null : known.get(fish);
        return f == null
                ? "a fish"
                : f.count() > 1 && f.name().isEmpty() ? "the " + f.species().name() + " group" : f.said();
    }
}
