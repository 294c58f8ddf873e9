package pelluna.app.database;

import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.data.repository.core.support.RepositoryFactoryBeanSupport;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * What a page reads of the database it reads once, however many parts of it ask. It holds for GET alone, which writes
 * nothing, and for as long as that request: rows are whole when they come, so that nobody needs the session they were
 * read in.
 */
@Component
class ReadOnce implements BeanPostProcessor {
    private static final String KNOWN = ReadOnce.class.getName();

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

    private record Remembering(Class<?> rows) implements MethodInterceptor {
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
                    Arrays.stream(question.getArguments())
                            .map(Remembering::asIs)
                            .toList());
            Object answer = known.get().get(asked);
            if (answer == null) {
                answer = question.proceed();
                if (answer != null) {
                    known.get().put(asked, answer);
                }
            }
            return answer instanceof List<?> list ? new ArrayList<>(list) : answer;
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
