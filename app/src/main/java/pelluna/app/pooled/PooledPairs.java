package pelluna.app.pooled;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.database.AskedFor;
import pelluna.app.planning.OthersSaw;
import pelluna.core.behaviour.SeenElsewhere;
import pelluna.core.plan.ElsewhereFile;
import pelluna.core.pooled.Experience;
import pelluna.core.pooled.Survival;

/** What came of all that was shared: pairs that five keepers or more have had, the same for everybody. */
@Component
class PooledPairs implements OthersSaw {
    /** What another node has made is seen so soon, read beside whoever asks. */
    private static final Duration SOON = Duration.ofMinutes(1);

    private final JdbcClient jdbc;
    private final TransactionTemplate alone;
    private final LoadingCache<Boolean, All> kept =
            Caffeine.newBuilder().refreshAfterWrite(SOON).build(k -> load());
    private volatile All last = new All(List.of());

    PooledPairs(JdbcClient jdbc, PlatformTransactionManager transactions) {
        this.jdbc = jdbc;
        this.alone = new TransactionTemplate(transactions);
        // in the server's own name, whoever asks first
        alone.setPropagationBehavior(TransactionTemplate.PROPAGATION_REQUIRES_NEW);
    }

    /** @param chance of hard fights, as it is known now, with its range */
    record Pooled(ElsewhereFile seen, double chance, double low, double high) {}

    /** @param inAYear chance to be lost within a year, with its range */
    record Lives(
            String species, int keepers, int fish, double years, int lost, double inAYear, double low, double high) {}

    record All(List<Pooled> pairs) implements Known {
        @Override
        public List<ElsewhereFile> of(Set<String> species) {
            return about(species).stream().map(Pooled::seen).toList();
        }

        /** Cheap, for it stands in the key of every plan that is kept. */
        @Override
        public int hashCode() {
            return pairs.size();
        }

        /** Two are the same only if they are one. */
        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        /** Pairs of which one at least is among these. */
        List<Pooled> about(Set<String> species) {
            return pairs.stream()
                    .filter(p -> species.contains(p.seen.aggressor()) || species.contains(p.seen.target()))
                    .toList();
        }
    }

    @Override
    public All known() {
        return kept.get(true);
    }

    /** The same one as long as nothing has changed, so that what was made of it may be kept. */
    private All load() {
        All now = new All(rows());
        if (!now.pairs().equals(last.pairs())) {
            last = now;
        }
        return last;
    }

    private List<Pooled> rows() {
        return jdbc.sql("""
                        select aggressor, target, keepers, hard, expected, chance, low, high, weight, times
                        from pooled_pair order by aggressor, target""")
                .query((row, n) -> new Pooled(
                        new ElsewhereFile(
                                row.getString("aggressor"),
                                row.getString("target"),
                                row.getInt("keepers"),
                                row.getInt("hard"),
                                row.getDouble("expected"),
                                row.getDouble("times"),
                                row.getDouble("weight")),
                        row.getDouble("chance"),
                        row.getDouble("low"),
                        row.getDouble("high")))
                .list();
    }

    /** One after the other, whichever node asks: both from everything that is there by then. */
    void replace(Supplier<Experience> anew, Supplier<Survival> lives) {
        AskedFor.all(() -> alone.execute(status -> {
            jdbc.sql("select pg_advisory_xact_lock(hashtext('pooled_pair'))")
                    .query((row, n) -> true)
                    .list();
            Experience all = anew.get();
            jdbc.sql("delete from pooled_pair").update();
            all.pairs().forEach(pair -> put(pair, all.of(pair)));
            jdbc.sql("delete from pooled_life").update();
            lives.get().all().forEach(this::put);
            return true;
        }));
        kept.put(true, load());
    }

    private void put(Survival.OfSpecies of) {
        jdbc.sql("""
                        insert into pooled_life (species, keepers, fish, years, lost, in_year, low, high)
                        values (?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        of.species().scientificName(),
                        of.keepers(),
                        of.fish(),
                        of.years(),
                        of.lost(),
                        of.inAYear(),
                        of.low(),
                        of.high())
                .update();
    }

    /** Of every species that five keepers or more have had, by their names. */
    List<Lives> lives() {
        return jdbc.sql("""
                        select species, keepers, fish, years, lost, in_year, low, high from pooled_life
                        order by species""")
                .query((row, n) -> new Lives(
                        row.getString("species"),
                        row.getInt("keepers"),
                        row.getInt("fish"),
                        row.getDouble("years"),
                        row.getInt("lost"),
                        row.getDouble("in_year"),
                        row.getDouble("low"),
                        row.getDouble("high")))
                .list();
    }

    private void put(Experience.Pair pair, Experience.OfPair of) {
        SeenElsewhere seen = of.seen();
        jdbc.sql("""
                        insert into pooled_pair
                          (aggressor, target, keepers, hard, expected, chance, low, high, weight, times)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        pair.aggressor().scientificName(),
                        pair.target().scientificName(),
                        of.keepers(),
                        of.hard(),
                        of.expected(),
                        of.chance(),
                        of.low(),
                        of.high(),
                        of.weight(),
                        seen.times())
                .update();
    }
}
