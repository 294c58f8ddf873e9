package pelluna.core.advice;

import java.util.List;
import java.util.stream.Stream;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.scape.Rock;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/** What to do, in the words of a keeper. */
final class AttemptWords {
    private AttemptWords() {}

    static String of(Attempt attempt, Outlook outlook, Measures say) {
        if (attempt instanceof Attempt.InOrder order) {
            String moved = moved(order, outlook);
            return "Bring the " + name(moved, outlook) + " in earlier";
        } else if (attempt instanceof Attempt.Box box) {
            return "Send the " + name(box.id(), outlook) + " through the box";
        } else if (attempt instanceof Attempt.OneHide one) {
            return "One hide more, " + say.length(one.hide().xCm()) + " from the left";
        } else if (attempt instanceof Attempt.MoveRock move) {
            Rock rock = outlook.plan().tank().scape().rocks().get(move.rock());
            double by = move.leftCm() - rock.leftCm();
            return "Move the " + English.ordinal(move.rock() + 1) + " heap of rock " + say.length(Math.abs(by))
                    + " to the " + (by < 0 ? "left" : "right");
        } else if (attempt instanceof Attempt.Number number) {
            return English.capital(
                            English.count(number.count(), name(number.id(), outlook), name(number.id(), outlook)))
                    + " instead of "
                    + outlook.find(number.id()).orElseThrow().party().count();
        } else if (attempt instanceof Attempt.Length length) {
            double was = outlook.find(length.id()).orElseThrow().party().lengthCm();
            return "Buy the " + name(length.id(), outlook) + (length.cm() > was ? " larger, at " : " smaller, at ")
                    + say.length(length.cm());
        } else if (attempt instanceof Attempt.Instead instead) {
            return English.capital(instead.species().name()) + " instead of the " + name(instead.id(), outlook);
        } else if (attempt instanceof Attempt.Fed fed) {
            return fed.meals() != outlook.plan().tank().mealsADay()
                    ? English.capital(English.count(fed.meals(), "meal", "meals")) + " a day"
                    : "Seaweed on offer every day";
        }
        throw new IllegalArgumentException(attempt.toString());
    }

    /** What gets harder, and who is in it that was left out before. */
    static String but(Press worse, Outlook before) {
        List<String> fresh = Stream.of(worse.aggressor(), worse.target())
                .filter(p -> before.find(p.party().id()).isEmpty())
                .map(p -> "the " + p.party().species().name())
                .toList();
        String pair = worse.aggressor().party().species().name() + " → "
                + worse.target().party().species().name();
        return fresh.isEmpty()
                ? "But " + pair + " comes to " + Math.round(worse.index()) + "."
                : "But then " + English.list(fresh) + " would come in too, and " + pair + " is at "
                        + Math.round(worse.index()) + ".";
    }

    private static String moved(Attempt.InOrder order, Outlook outlook) {
        var ids = outlook.everybody().stream()
                .filter(p -> p.planned())
                .map(p -> p.party().id())
                .toList();
        for (int i = 0; i < ids.size(); i++) {
            if (!ids.get(i).equals(order.ids().get(i))) {
                return order.ids().get(i);
            }
        }
        return ids.get(0);
    }

    private static String name(String id, Outlook outlook) {
        return outlook.find(id).orElseThrow().party().species().name();
    }
}
