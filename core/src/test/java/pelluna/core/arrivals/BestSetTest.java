package pelluna.core.arrivals;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.capacity.Capacity;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;
import pelluna.core.testing.Plans;
import pelluna.core.units.Sentences;

class BestSetTest {

    private static Plan crowded() {
        return Plans.sixFeet()
                .with("nitrateCeiling", 6)
                .with("waterChange", java.util.Map.of("percent", 3, "everyDays", 30))
                .wish("Centropyge bispinosa", 1, 5)
                .wish("Centropyge loricula", 1, 4)
                .wish("Zebrasoma flavescens", 1, 4)
                .wish("Zebrasoma xanthurum", 1, 5)
                .wish("Gramma loreto", 1, 2)
                .wish("Pterois volitans", 1, 3)
                .wish("Chromis viridis", 6, 2)
                .wish("Cirrhilabrus solorensis", 1, 4)
                .wish("Ecsenius midas", 1, 3)
                .plan();
    }

    @Test
    void itIsTheMostWantedOfAllSetsThatFit() {
        Plan plan = crowded();
        BestSet best = BestSet.of(plan, plan.wishes());
        assertThat(best.proved()).isTrue();
        assertThat(worth(best.take())).isEqualTo(bruteForce(plan));
        assertThat(fits(plan, best.take())).isTrue();
    }

    @Test
    void everythingLeftOutHasItsReason() {
        Plan plan = crowded();
        BestSet best = BestSet.of(plan, plan.wishes());
        assertThat(best.take().size() + best.leave().size())
                .isEqualTo(plan.wishes().size());
        assertThat(best.leave())
                .isNotEmpty()
                .allSatisfy((wish, leaving) -> assertThat(leaving.because()).isNotNull());
        assertThat(best.leave().values())
                .anySatisfy(l -> assertThat(l.forcedBy()).isPresent());
    }

    @Test
    void onlyAWishThatIsWantedMoreIsSaidToBe() {
        for (int other : new int[] {3, 5}) {
            Plan plan = Plans.sixFeet()
                    .with("netLitres", 300)
                    .with("lengthCm", 120)
                    .with("widthCm", 50)
                    .with("waterHeightCm", 50)
                    .wish("Centropyge bispinosa", 1, other)
                    .wish("Centropyge loricula", 1, 3)
                    .plan();
            BestSet best = BestSet.of(plan, plan.wishes());
            assertThat(best.leave().values())
                    .hasSize(1)
                    .allSatisfy(l -> assertThat(((Sentences) l.because()).all().contains(new LeftOut.OtherWantedMore()))
                            .isEqualTo(other == 5));
        }
    }

    @Test
    void withRoomForAllNobodyIsLeftOut() {
        Plan plan = Plans.sixFeet().wish("Gramma loreto").wish("Ecsenius midas").plan();
        assertThat(BestSet.of(plan, plan.wishes()).leave()).isEmpty();
    }

    private static int worth(List<Party> take) {
        return take.stream().mapToInt(p -> p.want() * p.want()).sum();
    }

    private static boolean fits(Plan plan, List<Party> take) {
        if (Capacity.of(plan, take).deciding().stream().anyMatch(l -> l.share() > 1 + 1e-9)) {
            return false;
        }
        return take.stream()
                .noneMatch(a -> take.stream()
                        .anyMatch(b -> a != b
                                && BestSet.conflict(
                                                plan,
                                                pelluna.core.tension.Quarters.of(plan.tank(), plan.everybody()),
                                                a,
                                                b)
                                        .isPresent()));
    }

    private static int bruteForce(Plan plan) {
        int best = 0;
        int n = plan.wishes().size();
        for (int set = 0; set < 1 << n; set++) {
            List<Party> take = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                if ((set >> i & 1) == 1) {
                    take.add(plan.wishes().get(i));
                }
            }
            if (worth(take) > best && fits(plan, take)) {
                best = worth(take);
            }
        }
        return best;
    }
}
