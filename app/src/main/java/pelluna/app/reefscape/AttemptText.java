package pelluna.app.reefscape;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import pelluna.app.limits.Numbers;
import pelluna.app.planning.NoSuchTankException;
import pelluna.app.planning.PlanSteps;
import pelluna.app.tank.DrawnReef;
import pelluna.core.advice.Attempt;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.scape.Hide;

/** Attempts between the button that offers them and the tree of the plan that they change. */
final class AttemptText {
    private AttemptText() {}

    static String write(Attempt a) {
        if (a instanceof Attempt.InOrder order) {
            return "order " + String.join(" ", order.ids());
        } else if (a instanceof Attempt.Box box) {
            return "box " + box.id();
        } else if (a instanceof Attempt.OneHide one) {
            return "hide " + one.hide().xCm() + " " + one.hide().heightCm();
        } else if (a instanceof Attempt.MoveRock move) {
            return "rock " + move.rock() + " " + move.leftCm();
        } else if (a instanceof Attempt.Number number) {
            return "number " + number.id() + " " + number.count();
        } else if (a instanceof Attempt.Length length) {
            return "length " + length.id() + " " + length.cm();
        } else if (a instanceof Attempt.Instead instead) {
            return "instead " + instead.id() + " " + instead.species().scientificName();
        } else if (a instanceof Attempt.Fed fed) {
            return "fed " + fed.meals() + " " + fed.seaweed();
        }
        throw new IllegalArgumentException(a.toString());
    }

    /** @throws NoSuchTankException if the text is none of ours */
    static Attempt read(String text, Catalogue catalogue) {
        String[] words = text.split(" ");
        try {
            return switch (words[0]) {
                case "order" -> new Attempt.InOrder(Arrays.asList(words).subList(1, words.length));
                case "box" -> new Attempt.Box(words[1]);
                case "hide" -> new Attempt.OneHide(new Hide(Numbers.finite(words[1]), Numbers.finite(words[2])));
                case "rock" -> new Attempt.MoveRock(Numbers.whole(words[1]), Numbers.finite(words[2]));
                case "number" -> new Attempt.Number(words[1], Numbers.whole(words[2]));
                case "length" -> new Attempt.Length(words[1], Numbers.finite(words[2]));
                case "instead" ->
                    new Attempt.Instead(
                            words[1], catalogue.find(text.split(" ", 3)[2]).orElseThrow(NoSuchTankException::new));
                case "fed" -> new Attempt.Fed(Numbers.whole(words[1]), Boolean.parseBoolean(words[2]));
                default -> throw new NoSuchTankException();
            };
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw new NoSuchTankException();
        }
    }

    /** Writes what an attempt changes into the tree that the plan was read from. */
    static void apply(Attempt attempt, Plan before, Map<String, Object> tree) {
        Plan after = tried(attempt, before);
        @SuppressWarnings("unchecked")
        Map<String, Object> figures = (Map<String, Object>) tree.get("tank");
        if (!after.tank().scape().equals(before.tank().scape())) {
            figures.put("scape", DrawnReef.tree(after.tank().scape()));
            figures.put("hides", after.tank().hides());
        }
        if (attempt instanceof Attempt.Fed) {
            figures.put("mealsADay", after.tank().mealsADay());
            figures.put("seaweed", after.tank().seaweed());
        }
        List<Map<String, Object>> wishes = PlanSteps.entries(tree, "wishes");
        for (int i = 0; i < wishes.size(); i++) {
            wish(before.wishes().get(i), after.wishes().get(i), wishes.get(i));
        }
    }

    /** @throws NoSuchTankException if it is about a piece that is not there */
    private static Plan tried(Attempt attempt, Plan before) {
        try {
            return attempt.on(before);
        } catch (IndexOutOfBoundsException e) {
            throw new NoSuchTankException();
        }
    }

    private static void wish(Party was, Party is, Map<String, Object> entry) {
        if (!is.species().equals(was.species())) {
            entry.put("species", is.species().scientificName());
            entry.remove("lengthCm");
            entry.remove("captiveBred");
        } else if (is.lengthCm() != was.lengthCm()) {
            entry.put("lengthCm", is.lengthCm());
        }
        if (is.count() != was.count()) {
            entry.put("count", is.count());
        }
        if (is.hand().place() > 0) {
            entry.put("place", is.hand().place());
        } else {
            entry.remove("place");
        }
        if (is.hand().box()) {
            entry.put("box", true);
        }
    }
}
