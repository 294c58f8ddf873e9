package pelluna.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pelluna.core.catalogue.Habit;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.catalogue.Swims;
import pelluna.core.catalogue.Zone;
import pelluna.core.tank.Tank;
import pelluna.core.units.Length;
import pelluna.core.units.Statement;
import pelluna.core.units.Volume;

/** What a species needs and a tank has, by no large margin. */
public sealed interface Special extends Statement {
    record RoomEnough(Volume needs, Volume has) implements Special {}

    record SwimEnough(Length needs, Length has) implements Special {}

    record SandEnough(Length needs, Length has) implements Special {}

    record HidesEnough(int needs, int has) implements Special {}

    /** Room is worth a word up to so many times what is needed. */
    double TIGHT = 1.5;

    /**
     * What is worth saying of a species in a tank that has nothing against it: what it does there, how it lives, what
     * it needs that is there by the smallest margin. None to three, in this order; which, is Pelluna's judgement.
     */
    static List<Statement> of(Species s, Tank tank, Stance stance) {
        List<Statement> all = new ArrayList<>();
        does(s).ifPresent(all::add);
        lives(s).map(Understood.Is::new).ifPresent(all::add);
        needs(s, tank, stance).ifPresent(all::add);
        return all;
    }

    private static Optional<Statement> does(Species s) {
        return s.helps().stream()
                .filter(h -> h != Help.CLEAN_SAND)
                .min(Comparator.naturalOrder())
                .<Statement>map(Understood.KeptFor::new)
                .or(() -> eats(s).map(Understood.Is::new));
    }

    private static Optional<Trait> eats(Species s) {
        if (s.habits().contains(Habit.PICKS_PARASITES)) {
            return Optional.of(Trait.CLEANS_OTHER_FISH);
        }
        return Optional.ofNullable(
                switch (s.diet().guild()) {
                    case GRAZER, FILM -> Trait.GRAZES_ALGAE_OR_FILM;
                    case SAND_SIFTER -> Trait.SIFTS_SAND;
                    case PLANKTON -> Trait.EATS_PLANKTON;
                    case PARASITES -> Trait.CLEANS_OTHER_FISH;
                    case FISH -> Trait.EATS_OTHER_FISH;
                    case CORALS -> Trait.EATS_CORAL;
                    case SMALL_CRUSTACEANS, OMNIVORE, INVERTEBRATES, SPONGES ->
                        s.diet().pods() > 0 ? Trait.LIVES_ON_PODS : null;
                });
    }

    private static Optional<Trait> lives(Species s) {
        Optional<Trait> company = Optional.ofNullable(
                switch (s.social().life()) {
                    case PAIR -> Trait.LIVES_IN_PAIRS;
                    case HAREM, SHOAL -> Trait.LIVES_IN_A_GROUP;
                    case ALONE, ALONE_OR_PAIR -> null;
                });
        return company.or(() -> Optional.ofNullable(place(s)));
    }

    private static Trait place(Species s) {
        if (s.place().swims() == Swims.PERCHES) {
            return Trait.PERCHES;
        }
        if (s.place().zones().contains(Zone.OPEN_WATER)) {
            return Trait.SWIMS_IN_OPEN_WATER;
        }
        if (s.place().zones().contains(Zone.SAND)) {
            return Trait.LIVES_ON_THE_BOTTOM;
        }
        return s.place().zones().contains(Zone.CAVES) ? Trait.LIVES_IN_CAVES : null;
    }

    /** Something needed, and how often it is there. */
    record Margin(double share, Statement says) {
        private static Margin of(double needs, double has, Statement says) {
            return new Margin(needs > 0 ? has / needs : Double.POSITIVE_INFINITY, says);
        }
    }

    private static Optional<Statement> needs(Species s, Tank tank, Stance stance) {
        double litres = s.room().litres().at(stance);
        double run = s.room().runCm().at(stance);
        double sand = s.needs().sandCm();
        int hides = s.needs().hides();
        Stream<Margin> room = Stream.of(
                        Margin.of(
                                litres,
                                tank.glassLitres(),
                                new RoomEnough(new Volume(litres), new Volume(tank.glassLitres()))),
                        Margin.of(run, tank.runCm(), new SwimEnough(new Length(run), new Length(tank.runCm()))))
                .filter(m -> m.share() < TIGHT);
        Stream<Margin> ground = Stream.of(
                        Margin.of(
                                sand,
                                tank.sandDepthCm(),
                                new SandEnough(new Length(sand), new Length(tank.sandDepthCm()))),
                        Margin.of(hides, tank.hides(), new HidesEnough(hides, tank.hides())))
                .filter(m -> Double.isFinite(m.share()));
        return Stream.concat(room, ground)
                .min(Comparator.comparingDouble(Margin::share))
                .map(Margin::says);
    }
}
