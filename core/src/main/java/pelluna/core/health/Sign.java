package pelluna.core.health;

import java.util.Map;
import java.util.Optional;
import pelluna.core.behaviour.Doing;

/**
 * What a sign on a fish may mean, and what to look at; common practice. No diagnosis and no dose: who treats what is
 * for a vet who
 * knows fish, and for the label.
 */
public final class Sign {
    /** What belongs under every sign. */
    public static final String VET =
            "Pelluna names no illness and no dose. If it gets worse or spreads, ask a vet who knows fish.";

    private static final Map<Doing, String> MEANS = Map.ofEntries(
            Map.entry(
                    Doing.NOT_EATING,
                    "A newcomer may take a few days. Otherwise: pressed by others, the wrong food, or ill. Offer what "
                            + "the shop fed, close to where it is; look who keeps it from food."),
            Map.entry(
                    Doing.HIDES,
                    "Newly come, frightened, pressed, or unwell. A fish that hides at two feedings running needs "
                            + "help."),
            Map.entry(
                    Doing.TORN_FIN,
                    "Bitten, or snagged. Clean edges heal by themselves; red or ragged edges that eat on do not."),
            Map.entry(
                    Doing.WOUND,
                    "A bite, a blade or a rock. Find out who did it before it goes back among them; wounds let "
                            + "illness in."),
            Map.entry(Doing.CLOUDY_EYE, "One eye: a knock or a bite. Both: water or illness; test the water first."),
            Map.entry(
                    Doing.SPOTS,
                    "White grains or a dusting may be a parasite that spreads to all. Look at every other fish, add "
                            + "nobody, and use no medicine that kills invertebrates in the reef."),
            Map.entry(
                    Doing.FAST_BREATH,
                    "Gills that work too fast: little oxygen, ammonia, or parasites. Test the water and look to the "
                            + "surface movement now."),
            Map.entry(Doing.RUBS, "Once is nothing. Again and again: parasites, or something in the water."),
            Map.entry(
                    Doing.THIN,
                    "A sunken belly: too little food reaches it, or it carries worms. Feed it apart, small and often."),
            Map.entry(
                    Doing.ABSENT,
                    "Look behind the rock, in the overflow, in the sump and on the floor around the tank."),
            Map.entry(
                    Doing.JUMPED,
                    "If it lives: wet hands, straight back, dim light. Then close the gap that it found."));

    private Sign() {}

    /** Empty where it is no sign of anything wrong. */
    public static Optional<String> means(Doing sign) {
        return Optional.ofNullable(MEANS.get(sign));
    }
}
