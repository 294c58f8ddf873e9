package pelluna.core.advice;

import java.util.List;
import java.util.stream.Stream;
import pelluna.core.catalogue.Species;
import pelluna.core.outlook.Outlook;
import pelluna.core.outlook.Press;
import pelluna.core.scape.Rock;
import pelluna.core.units.Length;

/** What an attempt asks of its keeper, and what it brings along. */
final class WhatToDo {
    private WhatToDo() {}

    static ToDo of(Attempt attempt, Outlook outlook) {
        if (attempt instanceof Attempt.InOrder order) {
            return new ToDo.BringEarlier(species(moved(order, outlook), outlook));
        } else if (attempt instanceof Attempt.Box box) {
            return new ToDo.SendThroughBox(species(box.id(), outlook));
        } else if (attempt instanceof Attempt.OneHide one) {
            return new ToDo.OneHideMore(new Length(one.hide().xCm()));
        } else if (attempt instanceof Attempt.MoveRock move) {
            Rock rock = outlook.plan().tank().scape().rocks().get(move.rock());
            double by = move.leftCm() - rock.leftCm();
            return new ToDo.MoveHeap(move.rock() + 1, new Length(Math.abs(by)), by < 0);
        } else if (attempt instanceof Attempt.Number number) {
            return new ToDo.SoMany(
                    species(number.id(), outlook),
                    number.count(),
                    outlook.find(number.id()).orElseThrow().party().count());
        } else if (attempt instanceof Attempt.Length length) {
            double was = outlook.find(length.id()).orElseThrow().party().lengthCm();
            return new ToDo.BuySized(species(length.id(), outlook), length.cm() > was, new Length(length.cm()));
        } else if (attempt instanceof Attempt.Instead instead) {
            return new ToDo.TakeInstead(instead.species(), species(instead.id(), outlook));
        } else if (attempt instanceof Attempt.Fed fed) {
            return fed.meals() != outlook.plan().tank().mealsADay()
                    ? new ToDo.MealsADay(fed.meals())
                    : new ToDo.SeaweedDaily();
        }
        throw new IllegalArgumentException(attempt.toString());
    }

    /** What gets harder, and who is in it that was left out before. */
    static ToDo but(Press worse, Outlook before) {
        List<Species> fresh = Stream.of(worse.aggressor(), worse.target())
                .filter(p -> before.find(p.party().id()).isEmpty())
                .map(p -> p.party().species())
                .toList();
        Species aggressor = worse.aggressor().party().species();
        Species target = worse.target().party().species();
        long index = Math.round(worse.index());
        return fresh.isEmpty()
                ? new ToDo.ButHarder(aggressor, target, index)
                : new ToDo.ButComesIn(fresh, aggressor, target, index);
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

    private static Species species(String id, Outlook outlook) {
        return outlook.find(id).orElseThrow().party().species();
    }
}
