package pelluna.core.sieve;

import java.util.List;
import java.util.stream.Collectors;

import pelluna.core.catalogue.Hazard;
import pelluna.core.tank.Keeper;
import pelluna.core.units.Step;

/** Spines, blades, fangs and teeth. The cautions are common practice; Pelluna gives no medical advice. */
final class KeeperSafety implements Rule {
    @Override
    public List<Finding> check(Setting s) {
        if (s.species().hazards().isEmpty()) {
            return List.of();
        }
        String what = s.species().hazards().stream().sorted().map(h -> h.word()).collect(Collectors.joining(", "));
        boolean venom = s.species().hazards().contains(Hazard.VENOMOUS_SPINES);
        Step step = venom && s.tank().keeper() == Keeper.FIRST_YEAR ? Step.CHOP : Step.RIPPLE;
        return List.of(Finding.of(RuleName.KEEPER_SAFETY, step, Figure.of("care"), Figure.of(what), "hazard", caution(s),
            Remedy.change("safety", "you move it in a container, never by hand, and know where it is before a hand goes in"),
            s.source("danger")));
    }

    private static String caution(Setting s) {
        StringBuilder text = new StringBuilder(s.species().hazards().stream().sorted().map(KeeperSafety::sentence).collect(Collectors.joining(" ")));
        if (s.species().hazards().contains(Hazard.VENOMOUS_SPINES) || s.species().hazards().contains(Hazard.FANGS)) {
            text.append(" If stung or bitten: hands out, hot but not scalding water on the wound, and medical help; call the emergency"
                + " services at any trouble breathing, chest pain or spreading swelling.");
        }
        return text.toString();
    }

    private static String sentence(Hazard hazard) {
        return switch (hazard) {
            case VENOMOUS_SPINES -> "Its spines are venomous.";
            case TAIL_BLADES -> "It has a blade on either side of the tail.";
            case FANGS -> "It bites with venomous fangs when held.";
            case STRONG_BITE -> "It has a strong bite; fingers are food.";
            case TOXIC_WHEN_STRESSED -> "Badly frightened or dying, it can poison the whole tank.";
        };
    }
}
