package pelluna.core.odds;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.tension.Eaten;

/** Those who fit another's mouth, from the day on which they do. */
final class Swallowing implements Hazard {
    private final Cast cast;
    private final double rate;

    Swallowing(Cast cast, Rates rates) {
        this.cast = cast;
        this.rate = rates.get(Rate.SWALLOWED);
    }

    /** Somebody's, for one prey. @param eater number of its party @param from day of the plan */
    record Mouth(int eater, int from) {}

    /** By the prey's party, from what the outlook says. */
    static List<List<Mouth>> mouths(Cast cast, List<Eaten> eaten) {
        List<List<Mouth>> mouths = new ArrayList<>();
        cast.parties().forEach(p -> mouths.add(new ArrayList<>()));
        for (Eaten e : eaten) {
            e.prey()
                    .ifPresent(prey -> mouths.get(cast.party(prey.id()))
                            .add(new Mouth(cast.party(e.eater().id()), cast.day(e.from()))));
        }
        return mouths;
    }

    @Override
    public Fate fate() {
        return Fate.EATEN;
    }

    @Override
    public boolean concerns(Fish fish) {
        return rate > 0 && !cast.mouths(fish.party()).isEmpty();
    }

    @Override
    public double on(int day, int fish, Now now) {
        double risk = 0;
        for (Mouth m : cast.mouths(cast.fish().get(fish).party())) {
            risk += day >= m.from ? rate * now.living[m.eater] : 0;
        }
        return risk;
    }

    /** Who of the parties would do it on a day, or −1. */
    int by(int day, int fish, Now now) {
        return cast.mouths(cast.fish().get(fish).party()).stream()
                .filter(m -> day >= m.from && now.living[m.eater] > 0)
                .mapToInt(Mouth::eater)
                .findFirst()
                .orElse(-1);
    }
}
