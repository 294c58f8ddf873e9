package pelluna.core.odds;

import pelluna.core.tank.Cover;

/** Out of the tank: by kind, most in the first week and when pressed, and as far as the cover lets it. */
final class Jumping implements Hazard {
    private static final int FIRST_DAYS = 7;
    /** Of the risk of those that often jump: seldom, sometimes, often. */
    private static final double[] SHARE = {0.02, 0.2, 1};
    /** So many contests a day drive a fish up, and so many times as often. Pelluna's judgement. */
    private static final double DRIVEN = 12;

    private static final double DRIVEN_TIMES = 3;

    private static final double PARTIAL_TIMES = 10;

    private final Cast cast;
    private final double[] risks;
    private final double open;
    private final double fresh;

    Jumping(Cast cast, Rates rates) {
        this.cast = cast;
        this.open = rates.get(Rate.JUMPS) * open(cast.plan().tank().cover(), rates);
        this.fresh = Math.max(1, rates.get(Rate.JUMPS_NEW));
        this.risks = cast.fish().stream()
                .mapToDouble(f -> open * SHARE[f.of().species().jumps()])
                .toArray();
    }

    private static double open(Cover cover, Rates rates) {
        double covered = Math.min(1, rates.get(Rate.JUMPS_COVERED));
        return switch (cover) {
            case NONE -> 1;
            case PARTIAL -> Math.min(1, PARTIAL_TIMES * covered);
            case MESH, SOLID -> covered;
        };
    }

    @Override
    public Fate fate() {
        return Fate.JUMPED;
    }

    @Override
    public boolean concerns(Fish fish) {
        return open > 0;
    }

    @Override
    public double on(int day, int fish, Now now) {
        Fish f = cast.fish().get(fish);
        boolean isNew = !f.resident() && day < f.from() + FIRST_DAYS;
        return risks[fish] * (isNew ? fresh : 1) * (now.pressed[fish] >= DRIVEN ? DRIVEN_TIMES : 1);
    }
}
