package pelluna.core.lessons;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import pelluna.core.assessment.Assessment;
import pelluna.core.catalogue.Guild;
import pelluna.core.catalogue.Jumps;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Zone;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.units.Statement;

/** What a plan is to come to, held against what Pelluna says of it. Only fish that go in count. */
public sealed interface Goal extends Statement {
    boolean met(Assessment a);

    /** Residents and those that go in. */
    static List<Party> there(Assessment a) {
        return Stream.concat(
                        a.plan().residents().stream(),
                        a.arrivals().steps().stream().flatMap(s -> s.arrival().parties().stream()))
                .toList();
    }

    private static Stream<Species> species(Assessment a) {
        return there(a).stream().map(Party::species).distinct();
    }

    /** @param least number of fish */
    record Fish(int least) implements Goal {
        @Override
        public boolean met(Assessment a) {
            return there(a).stream().mapToInt(Party::count).sum() >= least;
        }
    }

    /** @param least number of species */
    record Kinds(int least) implements Goal {
        @Override
        public boolean met(Assessment a) {
            return species(a).count() >= least;
        }
    }

    /** In the water, on the rock, on the bottom. */
    record EveryLevel() implements Goal {
        private static final List<Set<Zone>> LEVELS = List.of(
                EnumSet.of(Zone.OPEN_WATER),
                EnumSet.of(Zone.REEF_FACE, Zone.CAVES),
                EnumSet.of(Zone.SAND, Zone.RUBBLE));

        @Override
        public boolean met(Assessment a) {
            return LEVELS.stream()
                    .allMatch(level ->
                            species(a).anyMatch(s -> s.place().zones().stream().anyMatch(level::contains)));
        }
    }

    /** @param least number of fish of a family */
    record Surgeonfish(int least) implements Goal {
        private static final String FAMILY = "Acanthuridae";

        @Override
        public boolean met(Assessment a) {
            return there(a).stream()
                            .filter(p -> p.species().family().equals(FAMILY))
                            .mapToInt(Party::count)
                            .sum()
                    >= least;
        }
    }

    record Quarantined() implements Goal {
        @Override
        public boolean met(Assessment a) {
            return a.plan().tank().quarantinePlaces() > 0
                    && a.plan().tank().school() != QuarantineSchool.NONE
                    && !a.arrivals().steps().isEmpty();
        }
    }

    /** Somebody who eats or kills fish. */
    record Hunter() implements Goal {
        @Override
        public boolean met(Assessment a) {
            return species(a)
                    .anyMatch(s -> s.diet().guild() == Guild.FISH || s.kills().isPresent());
        }
    }

    record Jumper() implements Goal {
        @Override
        public boolean met(Assessment a) {
            return species(a).anyMatch(s -> s.jumping() == Jumps.OFTEN);
        }
    }

    /** Neither a fish nor the crew. */
    record NothingEaten() implements Goal {
        @Override
        public boolean met(Assessment a) {
            List<String> there = there(a).stream().map(Party::id).toList();
            return a.eaten().stream()
                    .noneMatch(e -> there.contains(e.eater().id())
                            && e.prey().map(p -> there.contains(p.id())).orElse(true));
        }
    }

    /** Everybody that is wished for goes in, and no rule has anything grave against it. */
    record AllFit() implements Goal {
        @Override
        public boolean met(Assessment a) {
            return !a.sieve().isEmpty()
                    && a.sieve().stream().allMatch(v -> v.outcome() == Verdict.Outcome.FITS)
                    && there(a).size() == a.plan().everybody().size();
        }
    }
}
