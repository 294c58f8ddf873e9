package pelluna.core.odds;

import pelluna.core.catalogue.Species;
import pelluna.core.tank.Tank;

/** Too few pods or meals for its kind: it starves slowly. Who has lived here for long has found enough. */
final class Hunger implements Hazard {
    /** From so many days on a resident has shown that it finds enough, and what is left of the risk then. */
    private static final int LONG = 180;

    private static final double PROVED = 0.2;
    private static final double SECOND_STEP = 6;

    private final Cast cast;
    private final double[] risks;
    private final double pods;
    private final double meals;

    Hunger(Cast cast, Rates rates) {
        this.cast = cast;
        this.pods = rates.get(Rate.LACKS_PODS);
        this.meals = rates.get(Rate.LACKS_MEALS);
        this.risks = cast.fish().stream().mapToDouble(this::risk).toArray();
    }

    @Override
    public Fate fate() {
        return Fate.STARVED;
    }

    @Override
    public boolean concerns(Fish fish) {
        return risk(fish) > 0;
    }

    @Override
    public double on(int day, int fish, Now now) {
        return risks[fish];
    }

    private double risk(Fish fish) {
        Tank tank = cast.plan().tank();
        Species.Diet diet = fish.of().species().diet();
        int needs = diet.pods() - (fish.of().captiveBred() ? 1 : 0);
        int lacks = needs - tank.pods().ordinal();
        double hungry = lacks <= 0 ? 0 : lacks == 1 ? pods : SECOND_STEP * pods;
        double fewer = meals * Math.max(0, diet.mealsADay() - tank.mealsADay());
        boolean proved = fish.resident() && fish.of().dated() && fish.bought() <= -LONG;
        return (hungry + fewer) * (proved ? PROVED : 1);
    }
}
