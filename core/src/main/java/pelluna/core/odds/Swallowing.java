package pelluna.core.odds;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.tension.Eaten;

/** Those who fit another's mouth, from the day on which they do. */
final class Swallowing implements Hazard {
    private final Cast cast;
    private final double rate;
    private final List<List<Mouth>> mouths = new ArrayList<>();

    /** @param eater number of its party @param from day of the plan */
    private record Mouth(int eater, int from) {}

    Swallowing(Cast cast, Rates rates) {
        this.cast = cast;
        this.rate = rates.get(Rate.SWALLOWED);
        cast.parties().forEach(p -> mouths.add(new ArrayList<>()));
        for (Eaten e : cast.eaten()) {
            e.prey()
                    .ifPresent(prey -> mouths.get(cast.party(prey.id()))
                            .add(new Mouth(cast.party(e.eater().id()), cast.day(e.from()))));
        }
    }

    @Override
    public Fate fate() {
        return Fate.EATEN;
    }

    @Override
    public boolean concerns(Fish fish) {
        return rate > 0 && !mouths.get(fish.party()).isEmpty();
    }

    @Override
    public double on(int day, int fish, Now now) {
        double risk = 0;
        for (Mouth m : mouths.get(cast.fish().get(fish).party())) {
            risk += day >= m.from ? rate * now.living[m.eater] : 0;
        }
        return risk;
    }

    /** Who of the parties would do it on a day, or −1. */
    int by(int day, int fish, Now now) {
        return mouths.get(cast.fish().get(fish).party()).stream()
                .filter(m -> day >= m.from && now.living[m.eater] > 0)
                .mapToInt(Mouth::eater)
                .findFirst()
                .orElse(-1);
    }
}
