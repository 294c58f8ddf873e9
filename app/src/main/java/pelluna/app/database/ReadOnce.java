package pelluna.app.database;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.data.repository.core.support.RepositoryFactoryBeanSupport;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import pelluna.app.writes.TankVersion;

/**
 * What a page reads of the database it reads once, however many parts of it ask. It holds for GET alone, which writes
 * nothing, and for as long as that request: rows are whole when they come, so that nobody needs the session they were
 * read in. What is marked {@link UntilWritten} is read once for all pages until then.
 */
@Component
class ReadOnce implements BeanPostProcessor {
    private static final String KNOWN = ReadOnce.class.getName();
    /** Rows that are kept from page to page, of all keepers together. */
    private static final long MOST_ROWS = 100_000;

    private final ObjectProvider<TankVersion> versions;
    private final Cache<Unwritten, List<?>> kept = Caffeine.newBuilder()
            .maximumWeight(MOST_ROWS)
            .weigher((Unwritten question, List<?> rows) -> 1 + rows.size())
            .build();

    ReadOnce(ObjectProvider<TankVersion> versions) {
        this.versions = versions;
    }

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof RepositoryFactoryBeanSupport<?, ?, ?> rows) {
            rows.addRepositoryFactoryCustomizer(f -> f.addRepositoryProxyPostProcessor(
                    (proxy, repository) -> proxy.addAdvice(0, new Remembering(repository.getRepositoryInterface()))));
        }
        return bean;
    }

    /** A question: who asks for which rows. */
    private record Asked(String who, Class<?> rows, Method how, List<Object> by) {}

    /** A question, and how often each tank that it is about was written to. */
    private record Unwritten(Asked asked, List<Long> versions) {}

    private Object untilWritten(Asked asked, MethodInvocation question) throws Throwable {
        List<Long> numbers =
                tanks(asked.by().get(0)).map(versions.getObject()::of).toList();
        Unwritten unwritten = new Unwritten(asked, numbers);
        List<?> known = kept.getIfPresent(unwritten);
        if (known == null) {
            known = List.copyOf((List<?>) question.proceed());
            kept.put(unwritten, known);
        }
        return known;
    }

    private static Stream<Long> tanks(Object first) {
        Object tanks = first instanceof Optional<?> one ? one.orElseThrow() : first;
        return tanks instanceof List<?> many ? many.stream().map(Long.class::cast) : Stream.of((Long) tanks);
    }

    private final class Remembering implements MethodInterceptor {
        private final Class<?> rows;

        Remembering(Class<?> rows) {
            this.rows = rows;
        }

        @Override
        public Object invoke(MethodInvocation question) throws Throwable {
            Optional<Map<Asked, Object>> known = known();
            if (known.isEmpty() || !keeps(question.getMethod().getReturnType())) {
                return question.proceed();
            }
            Asked asked = new Asked(
                    AskedFor.who(),
                    rows,
                    question.getMethod(),
                    Arrays.stream(question.getArguments()).map(ReadOnce::asIs).toList());
            Object answer = known.get().get(asked);
            if (answer == null) {
                answer = asked.how().isAnnotationPresent(UntilWritten.class)
                        ? untilWritten(asked, question)
                        : question.proceed();
                if (answer != null) {
                    known.get().put(asked, answer);
                }
            }
            return answer instanceof List<?> list ? new ArrayList<>(list) : answer;
        }
    }

    /** A collection is kept as it is now, whatever becomes of it. */
    private static Object asIs(Object argument) {
        return argument instanceof Iterable<?> many ? copied(many) : Optional.ofNullable(argument);
    }

    private static List<Object> copied(Iterable<?> many) {
        List<Object> all = new ArrayList<>();
        many.forEach(all::add);
        return Collections.unmodifiableList(all);
    }

    private static boolean keeps(Class<?> answer) {
        return List.class.isAssignableFrom(answer) || answer == Optional.class;
    }

    @SuppressWarnings("unchecked") // nobody else writes under this name
    private static Optional<Map<Asked, Object>> known() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request)
                || !"GET".equals(request.getRequest().getMethod())) {
            return Optional.empty();
        }
        Object known = request.getAttribute(KNOWN, RequestAttributes.SCOPE_REQUEST);
        if (known == null) {
            known = new ConcurrentHashMap<Asked, Object>();
            request.setAttribute(KNOWN, known, RequestAttributes.SCOPE_REQUEST);
        }
        return Optional.of((Map<Asked, Object>) known);
    }
}
