package pelluna.core.odds;

import java.util.List;
import pelluna.core.plan.Party;

/** Puts down what happens in a run, for those runs that are to be told. */
final class Teller {
    private final Cast cast;
    private final List<Happening> told;

    /** @param told to which it is added; null for a run that is not told */
    Teller(Cast cast, List<Happening> told) {
        this.cast = cast;
        this.told = told;
    }

    boolean tells() {
        return told != null;
    }

    void say(int day, Happening.What what) {
        if (tells()) {
            told.add(new Happening(cast.date(day), what));
        }
    }

    /** @param by number of the party that did it, or {@link Played#NOBODY} */
    void hurt(Fish f, int day, int by) {
        boolean many = f.of().count() > 1;
        say(
                day,
                by == Played.NOBODY
                        ? new Happening.BadlyHurt(one(f), many)
                        : new Happening.BadlyHurtBy(one(f), many, party(by)));
    }

    /** @param by number of the party that did it, or {@link Played#NOBODY} */
    void lost(Fish f, int day, Fate fate, int by) {
        boolean many = f.of().count() > 1;
        say(
                day,
                by == Played.NOBODY
                        ? new Happening.Lost(one(f), many, fate, day < f.from())
                        : new Happening.LostTo(one(f), many, fate, party(by)));
    }

    /** Of a group, the one that it is told of. */
    private static Party one(Fish f) {
        return f.of().count() > 1 ? f.of().counting(1) : f.of();
    }

    private Party party(int number) {
        return cast.parties().get(number).party();
    }

    /** Who comes and who leaves on a day, a sentence a party. */
    void moves(int day, Fish[] fish, Now now) {
        for (int p = 0; tells() && p < cast.parties().size(); p++) {
            int in = 0;
            int out = 0;
            for (int i = 0; i < fish.length; i++) {
                if (fish[i].party() == p && !now.lost[i]) {
                    in += !fish[i].resident() && fish[i].from() == day ? 1 : 0;
                    out += fish[i].until() == day ? 1 : 0;
                }
            }
            if (in > 0) {
                say(day, new Happening.GoesIn(party(p), in));
            }
            if (out > 0) {
                say(day, new Happening.Leaves(party(p), out));
            }
        }
    }
}
