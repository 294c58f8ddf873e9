package pelluna.core.odds;

/** Newcomers that do not get over being caught, sent and settled in. */
final class Travel implements Doom {
    private static final int DAYS = 30;
    private static final double BRED = 1.0 / 3;

    private final double rate;

    Travel(Rates rates) {
        this.rate = rates.get(Rate.TRAVEL);
    }

    @Override
    public Fate fate() {
        return Fate.SETTLING;
    }

    @Override
    public int day(Fish fish, Chance luck) {
        double risk = rate * (fish.of().captiveBred() ? BRED : 1);
        return fish.resident() || luck.of(Draw.TRAVEL.ordinal()) >= risk
                ? NEVER
                : fish.bought() + (int) (DAYS * luck.of(Draw.TRAVEL_DAY.ordinal()));
    }
}
