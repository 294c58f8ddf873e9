package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Species;
import pelluna.core.units.English;

/** What a loss makes of a pair, a harem or a shoal. Common practice, by what the catalogue says of the kind. */
public final class Company {
    private Company() {}

    /**
     * @param before as many as there were
     * @param after  as many as are left
     * @param male   whether the one that is lost was known to be the male of the group
     */
    public static List<String> left(Species s, int before, int after, boolean male) {
        List<String> says = new ArrayList<>();
        if (before < 2 || after < 1 || after >= before) {
            return says;
        }
        GroupLife life = s.social().life();
        String turns = s.social().sexChange().map(Company::turns).orElse("");
        if (after == 1 && before == 2) {
            says.add("One of the pair is left. "
                    + (life == GroupLife.SHOAL || life == GroupLife.HAREM
                            ? "Its kind does not live alone for long; it hides and eats less."
                            : "It may live on by itself.")
                    + turns);
            if (life == GroupLife.PAIR || life == GroupLife.ALONE_OR_PAIR) {
                says.add("A second one is best younger and clearly smaller, brought in through the box; the one that "
                        + "is left holds the ground now.");
            }
        } else if (life == GroupLife.HAREM) {
            says.add(
                    male
                            ? "The harem has lost its male."
                                    + (turns.isEmpty()
                                            ? " The females may quarrel until there is one."
                                            : turns + " Until then expect quarrels at the top.")
                            : "The harem is one smaller.");
        }
        if (s.social().least() > 1 && after < s.social().least() && after > 1) {
            says.add(English.capital(English.number(after)) + " are left of a kind that wants at least "
                    + English.number(s.social().least())
                    + ": the strongest may now press the weakest. Add some, or find them another home together.");
        }
        return says;
    }

    private static String turns(String change) {
        return switch (change) {
            case "male to female" -> " A male that is left may turn female in time.";
            case "female to male" -> " The largest female that is left may turn male in some weeks.";
            default -> " Its kind changes sex: " + change + ".";
        };
    }
}
