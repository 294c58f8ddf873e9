package pelluna.app.odds;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.RemovalCause;
import jakarta.annotation.PreDestroy;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import pelluna.core.arrivals.Dated;
import pelluna.core.odds.Remedy;
import pelluna.core.plan.Plan;

/**
 * Plays plans in the background, one after the other on one processor, so that pages have the others; and keeps what
 * came of those asked for lately. The same plan gives the same odds, on every node.
 */
@Component
class OddsDesk {
    private static final int MOST = 24;

    /** Whoever asks for more lets the oldest go, which ends it: what waits for its turn has a bound. */
    private final Cache<Asked, Play> plays = Caffeine.newBuilder()
            .maximumSize(MOST)
            .evictionListener((Asked asked, Play play, RemovalCause why) -> play.stop())
            .build();

    /** Plans of days gone by, by the number under which they were kept: they never change. */
    private final Cache<Long, Play> past = Caffeine.newBuilder()
            .maximumSize(MOST)
            .evictionListener((Long word, Play play, RemovalCause why) -> play.stop())
            .build();

    private final ForkJoinPool player = new ForkJoinPool(1);
    private final int runs;

    /** @param runs of a plan, above one */
    OddsDesk(@Value("${pelluna.odds.runs}") int runs) {
        this.runs = runs;
    }

    int runs() {
        return runs;
    }

    /** @param days on which the arrivals go in, in their order @param with name of a change; empty without */
    private record Asked(Plan plan, List<LocalDate> days, String with) {}

    /** The play of a plan: begun, if nobody has asked for it lately. @param with a change, if there is one */
    Play of(Remedy.Version version, Optional<Remedy> with) {
        return plays.get(asked(version, with.map(Remedy::word).orElse("")), asked -> {
            Play play = new Play(version, runs, with);
            player.execute(play);
            return play;
        });
    }

    /** The play of a plan that was kept on a day. @param found asked for when it is played */
    Play past(long word, Supplier<Remedy.Version> found) {
        return past.get(word, w -> {
            Play play = Play.alone(found, runs);
            player.execute(play);
            return play;
        });
    }

    /** The play of a plan, if somebody has asked for it lately. */
    Optional<Play> known(Remedy.Version version) {
        return Optional.ofNullable(plays.getIfPresent(asked(version, "")));
    }

    private static Asked asked(Remedy.Version version, String with) {
        return new Asked(
                version.plan(),
                version.schedule().steps().stream().map(Dated::releaseOn).toList(),
                with);
    }

    /** Forgets a play that was stopped, so that it can be begun again. */
    void again(Play stopped) {
        if (stopped.stopped()) {
            plays.asMap().values().remove(stopped);
        }
    }

    @PreDestroy
    void end() {
        plays.asMap().values().forEach(Play::stop);
        past.asMap().values().forEach(Play::stop);
        player.shutdownNow();
    }
}
