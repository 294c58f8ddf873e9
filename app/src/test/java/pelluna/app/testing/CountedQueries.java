package pelluna.app.testing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts what requests ask of the database; what runs beside them is left out. */
public final class CountedQueries implements BeanPostProcessor, QueryExecutionListener {
    private static final AtomicInteger ASKED = new AtomicInteger();
    private static final Pattern WRITES = Pattern.compile("^\\s*(insert|update|delete|merge|truncate)\\b");
    private static final List<String> WRITTEN = new CopyOnWriteArrayList<>();
    private static final List<String> SAID = new CopyOnWriteArrayList<>();
    private static volatile boolean saying;

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource database
                ? ProxyDataSourceBuilder.create(database).listener(this).build()
                : bean;
    }

    /** Queries of requests since the application began. */
    public static int asked() {
        return ASKED.get();
    }

    /** Questions of requests during some work, each with what it was asked with, in their order. */
    public static List<String> during(Runnable work) {
        SAID.clear();
        saying = true;
        try {
            work.run();
            return List.copyOf(SAID);
        } finally {
            saying = false;
        }
    }

    private static String said(QueryInfo query) {
        return query.getQuery()
                + query.getParametersList().stream()
                        .flatMap(List::stream)
                        .map(p -> Arrays.toString(p.getArgs()))
                        .collect(Collectors.joining(", ", " with ", ""));
    }

    /** What requests have written since the application began, in the words of the database. */
    public static List<String> written() {
        return List.copyOf(WRITTEN);
    }

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        if (Thread.currentThread().getName().startsWith("http")) {
            List<String> asked = queries.stream()
                    .map(QueryInfo::getQuery)
                    // who asks is said once for each connection of the pool: by chance, not by the page
                    .filter(q -> !q.startsWith("select set_config('role'"))
                    // who has signed in is the library's question, the same for every page, asked partly after its
                    // answer
                    .filter(q -> !q.toUpperCase(Locale.ROOT).contains("SPRING_SESSION"))
                    .toList();
            ASKED.addAndGet(asked.size());
            if (saying) {
                queries.forEach(q -> SAID.add(said(q)));
            }
            asked.stream().filter(q -> WRITES.matcher(q).find()).forEach(WRITTEN::add);
        }
    }

    @Override
    public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        // counted before
    }
}
