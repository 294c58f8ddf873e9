package pelluna.app.testing;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.ExecutionInfo;
import net.ttddyy.dsproxy.QueryInfo;
import net.ttddyy.dsproxy.listener.QueryExecutionListener;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts what requests ask of the database; what runs beside them is left out. */
public final class CountedQueries implements BeanPostProcessor, QueryExecutionListener {
    private static final AtomicInteger ASKED = new AtomicInteger();

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

    @Override
    public void beforeQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        if (Thread.currentThread().getName().startsWith("http")) {
            ASKED.addAndGet(queries.size());
        }
    }

    @Override
    public void afterQuery(ExecutionInfo execution, List<QueryInfo> queries) {
        // counted before
    }
}
