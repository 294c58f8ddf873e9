package pelluna.core.losses;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.SexChange;
import pelluna.core.catalogue.Species;
import pelluna.core.units.Sentences;

/** What a loss makes of a pair, a harem or a shoal. Common practice, by what the catalogue says of the kind. */
public final class Company {
    private Company() {}

    /**
     * @param before as many as there were
     * @param after  as many as are left
     * @param male   whether the one that is lost was known to be the male of the group
     */
    public static List<Sentences> left(Species s, int before, int after, boolean male) {
        List<Sentences> says = new ArrayList<>();
        if (before < 2 || after < 1 || after >= before) {
            return says;
        }
        GroupLife life = s.social().life();
        Optional<LeftBehind> turns = s.social().sexChange().map(Company::turns);
        if (after == 1 && before == 2) {
            says.add(Sentences.of(
                            new LeftBehind.OneOfThePair(),
                            life == GroupLife.SHOAL || life == GroupLife.HAREM
                                    ? new LeftBehind.NotAloneForLong()
                                    : new LeftBehind.MayLiveOn())
                    .and(turns));
            if (life == GroupLife.PAIR || life == GroupLife.ALONE_OR_PAIR) {
                says.add(Sentences.of(new LeftBehind.SecondOneYounger()));
            }
        } else if (life == GroupLife.HAREM) {
            says.add(male ? withoutMale(turns) : Sentences.of(new LeftBehind.HaremSmaller()));
        }
        if (s.social().least() > 1 && after < s.social().least() && after > 1) {
            says.add(Sentences.of(
                    new LeftBehind.FewerThanItWants(after, s.social().least())));
        }
        return says;
    }

    private static Sentences withoutMale(Optional<LeftBehind> turns) {
        Sentences lost = Sentences.of(new LeftBehind.HaremWithoutMale()).and(turns);
        return lost.and(
                Optional.of(turns.isEmpty() ? new LeftBehind.QuarrelUntilOne() : new LeftBehind.QuarrelsAtTheTop()));
    }

    private static LeftBehind turns(SexChange change) {
        return switch (change.way()) {
            case SexChange.TO_FEMALE -> new LeftBehind.MaleMayTurn();
            case SexChange.TO_MALE -> new LeftBehind.FemaleMayTurn();
            default -> new LeftBehind.ChangesSex(change);
        };
    }
}
