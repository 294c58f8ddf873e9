package pelluna.app.reefscape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.limits.Numbers;
import pelluna.core.advice.Attempt;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.plan.FishFile;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.plan.PlanFile;
import pelluna.core.plan.ScapeFile;
import pelluna.core.plan.TankFile;
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

    /** The file of a plan as an attempt changes it. @param before the plan that the file was read into */
    static PlanFile applied(Attempt attempt, Plan before, PlanFile file) {
        Plan after = tried(attempt, before);
        TankFile tank = file.tank();
        if (!after.tank().scape().equals(before.tank().scape())) {
            tank = tank.drawn(ScapeFile.of(after.tank().scape()), after.tank().hides());
        }
        if (attempt instanceof Attempt.Fed) {
            tank = tank.but(d -> {
                d.mealsADay = after.tank().mealsADay();
                d.seaweed = after.tank().seaweed();
            });
        }
        List<FishFile> wishes = new ArrayList<>();
        for (int i = 0; i < file.wishes().size(); i++) {
            wishes.add(wish(
                    before.wishes().get(i), after.wishes().get(i), file.wishes().get(i)));
        }
        return file.with(tank).wishing(wishes);
    }

    /** @throws NoSuchTankException if it is about a piece that is not there */
    private static Plan tried(Attempt attempt, Plan before) {
        try {
            return attempt.on(before);
        } catch (IndexOutOfBoundsException e) {
            throw new NoSuchTankException();
        }
    }

    private static FishFile wish(Party was, Party is, FishFile wish) {
        return wish.but(d -> {
            if (!is.species().equals(was.species())) {
                d.species = is.species().scientificName();
                d.lengthCm = null;
                d.captiveBred = null;
            } else if (is.lengthCm() != was.lengthCm()) {
                d.lengthCm = is.lengthCm();
            }
            if (is.count() != was.count()) {
                d.count = is.count();
            }
            d.place = is.hand().place() > 0 ? is.hand().place() : null;
            if (is.hand().box()) {
                d.box = true;
            }
        });
    }
}
