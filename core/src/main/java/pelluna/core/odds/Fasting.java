package pelluna.core.odds;

import pelluna.core.tank.Keeper;

/** Newcomers that never come to eat what there is. They live on what they have for some weeks, large ones longer. */
final class Fasting implements Doom {
    /** Beside a fish of middling difficulty: from one that eats anything to one for few. Pelluna's judgement. */
    private static final double[] BY_DIFFICULTY = {0.08, 0.3, 1, 3, 8};

    private static final double BRED = 0.3;
    private static final double MOST = 0.95;
    /** A first-year keeper loses more of them, a seasoned one fewer. */
    private static final double[] BY_KEEPER = {1.5, 1, 0.6};

    private static final double RESERVE_DAYS = 16;
    private static final double RESERVE_PER_CM = 1.2;

    private final double rate;
    private final Keeper keeper;

    Fasting(Cast cast, Rates rates) {
        this.rate = rates.get(Rate.NEVER_EATS);
        this.keeper = cast.plan().tank().keeper();
    }

    @Override
    public Fate fate() {
        return Fate.STARVED;
    }

    @Override
    public int day(Fish fish, Chance luck) {
        double risk = rate
                * BY_DIFFICULTY[fish.of().species().diet().hard() - 1]
                * BY_KEEPER[keeper.ordinal()]
                * (fish.of().captiveBred() ? BRED : 1);
        if (fish.resident() || luck.of(Draw.EATS.ordinal()) >= Math.min(MOST, risk)) {
            return NEVER;
        }
        double reserve = RESERVE_DAYS + RESERVE_PER_CM * fish.of().lengthCm();
        return fish.bought() + (int) (reserve * (0.7 + 0.6 * luck.of(Draw.RESERVE.ordinal())));
    }
}
