package pelluna.app.rough;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import pelluna.app.testing.Pelluna;

/**
 * A computer's clock that is set back by days, as after an empty battery: what was written lies ahead then. Every page
 * is there, what is written is kept, and when the clock is right again all of it is there once.
 */
class ClockSetBackTest {
    private static final Duration DAYS = Duration.ofDays(3);

    @Test
    void everyPageIsThereAndWhatIsWrittenIsKept() {
        World world = new World("Clock set back");
        world.everything();
        World.asNew();
        world.tank.post("/log/typed", Map.of("text", "dottyback eats; said before"));
        Instant later = Pelluna.now();
        Pelluna.passes(DAYS.negated());
        try {
            assertThat(Pelluna.now()).isBefore(later);
            assertThat(everyPage(world)).isEmpty();
            HttpResponse<String> typed =
                    world.tank.post("/log/typed", Map.of("text", "dottyback eats; said meanwhile"));
            assertThat(typed.statusCode()).isIn(200, 303);
            String key = UUID.randomUUID().toString();
            for (int i = 0; i < 2; i++) {
                assertThat(world.tank
                                .act("eats", world.tank.wrasse(), null, Pelluna.now(), key)
                                .statusCode())
                        .isIn(200, 204, 303);
            }
        } finally {
            Pelluna.passes(DAYS);
        }
        assertThat(everyPage(world)).isEmpty();
        String log = world.tank.page("/log");
        for (String note : List.of("said before", "said meanwhile")) {
            assertThat(Pattern.compile(note).matcher(log).results().count())
                    .as(note)
                    .isPositive();
        }
    }

    /** @return addresses that answered with a failure */
    private static List<String> everyPage(World world) {
        List<String> failed = new ArrayList<>();
        String tank = world.tank.at("/");
        int kinds = new Crawl(1).from(List.of(world.at("/today")), path -> path.startsWith(tank), path -> {
            HttpResponse<String> page = Pelluna.get(path);
            if (page.statusCode() >= 400 && page.statusCode() != 404) {
                failed.add(path + " " + page.statusCode());
            }
            return page;
        });
        assertThat(kinds).as("kinds of addresses").isGreaterThan(40);
        return failed;
    }
}
